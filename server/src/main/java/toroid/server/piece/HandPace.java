package toroid.server.piece;

import toroid.core.form.Pace;

/** How fast the maker's hands are, by what was timed. */
public interface HandPace {
    Pace pace();
}
