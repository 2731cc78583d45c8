package upahead.server.platform.hooks;

/**
 * A message on its way.
 *
 * @param mark its own, the same however often it is sent
 * @param secret with which it is signed
 * @param tries how often it was tried, this time included
 */
record HookMessage(
        long id, String mark, long webhookId, String address, String secret, String event, String body, int tries) {}
