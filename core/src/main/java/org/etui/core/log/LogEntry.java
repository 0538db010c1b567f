package org.etui.core.log;

import org.etui.core.check.Term;

/**
 * A fact as it is kept.
 *
 * @param subject what was made: a piece or a job
 * @param name what that is called
 * @param day the day
 * @param fact what was measured or seen
 */
public record LogEntry(
        @Term(value = "what was made: a piece or a job", to = 60)
        String subject,

        @Term(value = "what that is called", to = 120, or = "\"\"")
        String name,

        @Term(value = "the day, ISO 8601", from = 10, to = 10)
        String day,

        @Term("what was measured or seen") Fact fact) {}
