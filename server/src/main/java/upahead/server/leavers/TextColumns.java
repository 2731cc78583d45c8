package upahead.server.leavers;

import static java.util.stream.Collectors.toUnmodifiableSet;

import java.util.Set;
import java.util.stream.Stream;

/**
 * What becomes of each column that can say something, when somebody becomes nameless. A test holds that every column of
 * words or bytes in the database is in exactly one of these, so a new one has to be thought about.
 */
final class TextColumns {

    /** Rows about somebody that go as a whole, as mail to them does: what was theirs alone, and what lets them in. */
    static final Set<String> REMOVED_ROWS = words(
            """
            document feed kept_view notice notice_choice password_link provider_identity recovery_code second_step
            stand_in
            """);

    /** Words that were typed about somebody where some words are required. */
    static final Set<String> REASONS = words(
            """
            accepted_caution.note adjustment.reason card_acceptance.note late_change.what person_pause.reason
            policy_exception.reason
            """);

    /** Words that were typed by or about somebody where there may be none. */
    static final Set<String> NOTES = words(
            "card_change.reason leave_request.note punch.code punch.note refused_line.note request_event.message");

    /** Lists of words that somebody gave. */
    static final Set<String> LISTS = words("leave_request.answers");

    /** What somebody need not have. */
    static final Set<String> MISSING = words("person.clock_code person.email sign_in.password_hash");

    /** Where the name may stand, but only in rows about them. */
    static final Set<String> NAMED_IN_OWN_ROWS = words(
            """
            accepted_caution.words card_change.line_after card_change.line_before handed_over.person_name handed_over.what
            pay_statement.statement person.name posted_line.why sign_in.display_name work_entry.source
            """);

    /** Where the name may stand in rows about anything: who did it, and sentences. */
    static final Set<String> NAMED_ANYWHERE = words(
            """
            accepted_caution.accepted_by adjusted_together.author adjusted_together.undone_because
            adjusted_together.undone_by adjusted_together.what adjustment.author audit_record.actor
            audit_record.after_change audit_record.before_change audit_record.what award.author award.name award.reason
            card_acceptance.actor card_change.actor card_change.source card_confirmation.actor card_day.changed_by
            card_day.source delivery.asked_by document.author document.name inbox_row.name inbox_row.what kept_name.kept_by
            kept_name.reason kept_view.name kept_view.wanted late_change.actor lieu_credit.credited_by mail_attachment.name
            mail_message.body mail_message.problem mail_message.recipient mail_message.subject notice.text
            pay_run.checked_by pay_run.closed_by pay_run_event.actor pay_run_event.reason policy_example.kept_by
            policy_example.name policy_example.written policy_exception.author program_token.name protected_date.reason
            refused_line.reason refused_line.settled_by request_event.actor scheduled_report.name
            scheduled_report.problem scheduled_report.search sign_off.signed_by stand_in.named_by stand_in.stand_in_name
            webhook.made_by webhook.name webhook_message.body year_end_review.kept_by
            """);

    /**
     * What says nothing about who somebody is: kinds, states, codes of other things, the company's own words, marks that
     * say nothing. The code of a person stays, so that payroll's records can be found by it; a sign-in's name is replaced.
     */
    static final Set<String> KEPT = words(
            """
            accepted_caution.kind audit_record.subject card_acceptance.what card_confirmation.part card_stretch.kind
            card_stretch.what daily_work.name delivery.failure delivery.token document.content document.type
            enrolment.leftover feed.scope feed.token_hash general_rule.name general_rule.rule hand_over_layout.layout
            handed_over.payroll_code handed_over.person_code handed_over.sort handed_over.source handed_over.unit
            holiday.name holiday_pay.employment_types holiday_pay.payroll_code holiday_rule.rule inbox_behaviour.behaviour
            inbox_behaviour.unknown_codes inbox_row.amount inbox_row.code inbox_row.entry inbox_row.message inbox_row.person
            inbox_row.row_key inbox_row.unit kept_view.place known_address.what late_change.subject leave_day.asked
            leave_day.because leave_day.decision leave_request.state lieu_credit.kind mail_attachment.content
            mail_attachment.media_type mail_message.place notice.place notice_choice.by_mail notice_choice.topic
            overtime_rule.kind overtime_rule.over_what password_link.token_hash pay_group.frequency pay_group.name
            pay_rate.per pay_run.state pay_run_event.what pay_statement.fingerprint person.code
            person_placement.employment_type policy.benefit_year policy.coverage policy.kind policy.leave_in policy.name
            policy.payroll_code policy.questions policy.seen_by policy.sign_offs policy.unit policy_exception.figures
            policy_version.state policy_version.terms policy_version.unseen_figures posted_line.kind posted_line.sort
            program_token.permissions program_token.token_hash provider_identity.issuer provider_identity.subject punch.kind
            punch.mark punch.source punch.state punch.zone recovery_code.code_hash request_event.what scheduled_report.days
            scheduled_report.format scheduled_report.report scheduled_report.rhythm second_step.secret second_step_role.role
            sign_in.role sign_in.username sign_off.role site.name site.time_zone team.name terminal.name
            terminal.pairing_hash terminal.token_hash webhook.address webhook.events webhook.secret webhook_message.event
            webhook_message.mark webhook_message.problem work_entry.kind
            """);

    private TextColumns() {}

    private static Set<String> words(String listed) {
        return Stream.of(listed.strip().split("\\s+")).collect(toUnmodifiableSet());
    }
}
