package upahead.core.earning;

/**
 * One rule of a policy and what it says, in few words, so that two texts can be held against each other rule by rule.
 *
 * @param rule its name, the same in every text that has it
 * @param words what it says
 */
public record RuleInWords(String rule, String words) {}
