/**
 * The whole workshop in one file, out and in again. A backup is a ZIP: each table as CSV, and {@code manifest.json} with the version of
 * the tables, how many rows each has and the SHA-256 of its CSV; see {@code docs/formats.md}.
 */
package toroid.server.backup;
