package gladtile.server.assignments;

import gladtile.core.activity.Activity;
import gladtile.core.attempt.AttemptRules;
import java.util.UUID;

/** An activity as it was when it was given, with its rules made ready. */
public record ActivityVersion(UUID id, Activity activity, AttemptRules rules) {}
