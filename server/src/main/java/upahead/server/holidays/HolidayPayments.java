package upahead.server.holidays;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.organisation.Organisation;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** How the holidays of sites are paid. */
@Service
public class HolidayPayments {

    private final HolidayRuleStore store;
    private final Organisation organisation;
    private final Audit audit;

    HolidayPayments(HolidayRuleStore store, Organisation organisation, Audit audit) {
        this.store = store;
        this.organisation = organisation;
        this.audit = audit;
    }

    /** How holidays are paid, by the ids of the sites where something is said of it. */
    @Transactional(readOnly = true)
    public Map<Long, HolidayPay> payBySite() {
        return store.pay();
    }

    /** How the holidays of each site are paid. */
    @Transactional(readOnly = true)
    public List<HolidayPay> payOfAll() {
        Map<Long, HolidayPay> said = store.pay();
        return organisation.sites().stream()
                .map(site -> said.getOrDefault(site.id(), HolidayPay.usual(site.id())))
                .toList();
    }

    /**
     * @throws Refusal if there is no such site or the hours are not between 0 and 24
     */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public HolidayPay setPay(HolidayPay pay) {
        organisation.requireSite(pay.siteId());
        Holidays.requireHours(pay.fixedHours());
        HolidayPay before = store.pay().getOrDefault(pay.siteId(), HolidayPay.usual(pay.siteId()));
        store.setPay(pay);
        audit.record(Thing.SITE, pay.siteId(), "changed how holidays are paid", before, pay);
        return pay;
    }
}
