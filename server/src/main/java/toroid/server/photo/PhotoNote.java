package toroid.server.photo;

import jakarta.validation.constraints.NotNull;

/** What is to be seen on a photo, in the maker's words. */
record PhotoNote(@NotNull String note) {}
