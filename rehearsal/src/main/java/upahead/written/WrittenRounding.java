package upahead.written;

import jakarta.annotation.Nullable;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;

/** Rounding of the year's running total. */
public record WrittenRounding(@Nullable Amount step, @Nullable Rounding.Mode mode) {

    Rounding toRounding() {
        return new Rounding(
                step == null ? Rounding.STANDARD.step() : step, mode == null ? Rounding.STANDARD.mode() : mode);
    }
}
