/**
 * A finite patch of a weave. In: a weave pattern and how much of it (cells of a chain or tube, rows of a sheet). Out: its rings one
 * by one, which of them link, how many of each size and colour, how long and wide it lies. Lengths are mm once a solved pose is laid
 * under it. Left out: patches put together of several weaves.
 */
package toroid.core.weave.patch;
