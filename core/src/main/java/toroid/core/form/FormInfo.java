package toroid.core.form;

/**
 * What a form is.
 *
 * @param id stable, lower case with hyphens
 * @param name the trade's term
 * @param does what it is used for, a few words
 * @param usualWireMm the wire it is usually made in; common practice
 */
public record FormInfo(String id, Family family, String name, String does, double usualWireMm) {}
