package upahead.server.platform.audit;

import java.util.Collection;
import java.util.Map;
import java.util.Set;

/** Says what things are called, for the trail; each feature does so for its own. */
public interface ThingNames {

    /** The kinds of things it knows, which no other does. */
    Set<Thing> things();

    /** The names of things of one of these kinds by their ids; what is not there any more has none. */
    Map<Long, String> names(Thing thing, Collection<Long> ids);
}
