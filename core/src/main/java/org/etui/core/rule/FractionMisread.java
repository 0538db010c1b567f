package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** An inch fraction above one is a slip: 21/2 is read as ten and a half (common practice). */
final class FractionMisread implements Rule {
    private static final String NAME = "fraction-misread";

    private static final Pattern FRACTION = Pattern.compile("^\\s*(\\d)(\\d+)\\s*/\\s*(2|4|8|16|32|64)(?!\\d).*");

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        List<Advice> advice = new ArrayList<>();
        for (Map.Entry<String, String> entry : bench.piece().entered().entrySet()) {
            Matcher typed = FRACTION.matcher(entry.getValue());
            if (typed.matches()
                    && Integer.parseInt(typed.group(1) + typed.group(2)) > Integer.parseInt(typed.group(3))) {
                advice.add(new Advice(
                        Advice.Severity.MIND,
                        NAME,
                        entry.getKey(),
                        "“" + entry.getValue().strip() + "” was typed: a fraction above one.",
                        "Without a space it is read as one fraction (common practice).",
                        "Type " + typed.group(1) + " " + typed.group(2) + "/" + typed.group(3)
                                + " if that was meant, with a space.",
                        Optional.empty()));
            }
        }
        return advice;
    }
}
