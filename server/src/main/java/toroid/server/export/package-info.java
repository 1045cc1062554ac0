/**
 * Forms in open formats: SVG, DXF, STL, glTF, bend table CSV, form definition JSON, and back in from the last two. Described in
 * {@code docs/formats.md}. Lengths are mm in all of them but glTF, which is in metres by its own rule.
 */
package toroid.server.export;
