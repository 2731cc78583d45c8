package upahead.written;

import jakarta.annotation.Nullable;
import upahead.core.policy.TenureBand;
import upahead.core.quantity.Amount;

/** A tenure band. */
public record WrittenBand(@Nullable Integer fromYears, @Nullable Amount amount) {

    TenureBand toBand() {
        return new TenureBand(RefusedTerms.required("fromYears", fromYears), RefusedTerms.required("amount", amount));
    }
}
