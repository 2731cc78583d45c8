package upahead.server.staffing;

import jakarta.annotation.Nullable;
import java.util.List;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;

/**
 * What taking a file of people would do, or did.
 *
 * @param headings that stand in the file
 * @param encoding in which it was written
 * @param order in which day and month were read, null where it does not matter
 * @param added how many are new
 * @param sites new ones the file brings
 * @param teams new ones the file brings
 * @param enrolments that begin or end by it
 * @param gaps who is covered twice or not at all once it was taken, in sentences; the first 20
 * @param rows the wrong ones first, of many the first 500 of each state
 */
public record PeoplePreview(
        List<String> headings,
        String encoding,
        List<FileColumns.ColumnMatch> columns,
        @Nullable Dates.Order order,
        int added,
        int changed,
        int same,
        int wrong,
        List<String> sites,
        List<String> teams,
        List<PolicyCount> enrolments,
        List<String> gaps,
        List<RowView> rows) {

    /** How many enrolments in a policy begin and end. */
    public record PolicyCount(String policy, int begin, int end) {}

    /** What a row is. */
    public enum RowState {
        NEW,
        CHANGED,
        SAME,
        WRONG
    }

    /**
     * One row.
     *
     * @param says what changes, or what is wrong
     */
    public record RowView(long line, String code, String name, RowState state, List<String> says) {}
}
