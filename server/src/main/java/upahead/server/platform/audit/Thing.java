package upahead.server.platform.audit;

/** What changes are made to. The trail keeps each by its words, so that older records are read as they were written. */
public enum Thing {
    PERSON("person"),
    POLICY("policy"),
    SITE("site"),
    TEAM("team"),
    PAY_GROUP("pay group"),
    REQUEST("request"),
    PAY_RUN("pay run"),
    AWARD("award"),
    PROTECTED_DATE("protected date"),
    SIGN_OFF_PATH("sign-off path"),
    SIGN_IN("sign-in"),
    COMPANY("company");

    private final String words;

    Thing(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
