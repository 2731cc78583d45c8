package upahead.browser;

import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.ConditionEvaluationResult;
import org.junit.jupiter.api.extension.ExecutionCondition;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;

/** A job whose steps build on each other: where one fails, those after it are skipped and say which it was. */
final class StepByStep implements ExecutionCondition, AfterTestExecutionCallback {

    private static final Namespace STEPS = Namespace.create(StepByStep.class);

    @Override
    public ConditionEvaluationResult evaluateExecutionCondition(ExtensionContext context) {
        String failed = context.getStore(STEPS).get("failed", String.class);
        return failed == null
                ? ConditionEvaluationResult.enabled("no step has failed")
                : ConditionEvaluationResult.disabled("it builds on " + failed + ", which failed");
    }

    @Override
    public void afterTestExecution(ExtensionContext context) {
        if (context.getExecutionException().isPresent()) {
            context.getParent()
                    .orElseThrow()
                    .getStore(STEPS)
                    .put("failed", context.getRequiredTestMethod().getName());
        }
    }
}
