/** Who changed what and when, in the same transaction as the change; each feature names its own things. */
@Uses({"platform.clock", "platform.files", "platform.json", "platform.rights", "platform.sql"})
package upahead.server.platform.audit;

import upahead.server.Uses;
