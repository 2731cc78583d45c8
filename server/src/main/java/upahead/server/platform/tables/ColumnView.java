package upahead.server.platform.tables;

/**
 * A column as the pages show it.
 *
 * @param key the name of its figure in a row
 */
public record ColumnView(String key, String title, ColumnKind kind) {}
