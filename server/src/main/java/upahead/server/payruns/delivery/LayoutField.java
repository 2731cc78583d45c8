package upahead.server.payruns.delivery;

import java.util.function.BiFunction;
import upahead.server.payruns.HandOverFigures;
import upahead.server.payruns.PayrollLine;

/** What a column of payroll's file can hold. */
public enum LayoutField {
    PERSON("person", (file, line) -> line.line().personCode()),
    NAME("name", (file, line) -> line.line().personName()),
    CODE("code", (file, line) -> line.line().payrollCode()),
    WHAT("what", (file, line) -> line.line().what()),
    AMOUNT("amount", (file, line) -> line.line().amount()),
    UNIT("unit", (file, line) -> line.line().unit()),
    FROM("from", (file, line) -> line.line().about().first()),
    TO("to", (file, line) -> line.line().about().last()),
    ENTRY("entry", (file, line) -> file.entry(line.line())),
    PAY_GROUP("pay group", (file, line) -> file.payGroup()),
    LAST_DAY_OF_RUN("run until", (file, line) -> file.run().lastDay()),
    PAY_DATE("pay date", (file, line) -> file.run().paysOn()),
    ROW("row", (file, line) -> line.id());

    private final String heading;
    private final BiFunction<HandOverFigures, PayrollLine, Object> value;

    LayoutField(String heading, BiFunction<HandOverFigures, PayrollLine, Object> value) {
        this.heading = heading;
        this.value = value;
    }

    /** What stands above the column unless somebody chooses other words. */
    public String heading() {
        return heading;
    }

    Object of(HandOverFigures file, PayrollLine line) {
        return value.apply(file, line);
    }
}
