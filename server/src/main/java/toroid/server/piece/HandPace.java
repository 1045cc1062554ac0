package toroid.server.piece;

import toroid.core.form.Paces;

/** How fast the maker's hands are, by what was timed. */
public interface HandPace {
    Paces paces();
}
