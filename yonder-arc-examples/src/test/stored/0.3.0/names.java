// Made from brinelight.yaml by "yonder export". Make it again when the plan changes.

/**
 * What the plan of Brinelight names. Places are texts as the navigator takes them:
 * {@code survey?survey=41}, with values percent-encoded (RFC 3986).
 */
public final class Places {
    private Places() {}

    /** Tides, /tides. */
    public static final String TIDES = "tides";

    /**
     * Tide table, /tides/{station}.
     *
     * @param station a text
     * @return the place, as text
     * @throws IllegalArgumentException if a value is empty or no finite number
     */
    public static String tide(String station) {
        return Written.place("tide", "station", Written.value("station", station));
    }

    /** Surveys, /surveys. */
    public static final String SURVEYS = "surveys";

    /**
     * Survey {survey}, /surveys/{survey}.
     *
     * @param survey a whole number
     * @return the place, as text
     * @throws IllegalArgumentException if a value is empty or no finite number
     */
    public static String survey(long survey) {
        return Written.place("survey", "survey", Written.value("survey", survey));
    }

    /**
     * Sightings, /surveys/{survey}/sightings.
     *
     * @param survey a whole number
     * @return the place, as text
     * @throws IllegalArgumentException if a value is empty or no finite number
     */
    public static String sightings(long survey) {
        return Written.place("sightings", "survey", Written.value("survey", survey));
    }

    /** Species, /species{?zone}. */
    public static final String SPECIES = "species";

    /**
     * Species, /species{?zone}.
     *
     * @param zone a text; null leaves it out
     * @return the place, as text
     * @throws IllegalArgumentException if a value is empty or no finite number
     */
    public static String species(String zone) {
        return Written.place("species", "zone", Written.option("zone", zone));
    }

    /**
     * In the guide, /species/{kind}.
     *
     * @param kind a text
     * @return the place, as text
     * @throws IllegalArgumentException if a value is empty or no finite number
     */
    public static String kind(String kind) {
        return Written.place("kind", "kind", Written.value("kind", kind));
    }

    /** Shore map, /map. */
    public static final String MAP = "map";

    /** Crew, /crew. */
    public static final String CREW = "crew";

    /** Outing, /crew/outing. */
    public static final String OUTING = "outing";

    /** Sign in, /sign-in. */
    public static final String SIGN_IN = "sign-in";

    /** The ids of all screens, to compare that of a place with. */
    public static final class Screens {
        private Screens() {}

        /** Tides, /tides. */
        public static final String TIDES = "tides";

        /** Tide table, /tides/{station}. */
        public static final String TIDE = "tide";

        /** Surveys, /surveys. */
        public static final String SURVEYS = "surveys";

        /** Survey {survey}, /surveys/{survey}. */
        public static final String SURVEY = "survey";

        /** Sightings, /surveys/{survey}/sightings. */
        public static final String SIGHTINGS = "sightings";

        /** Species, /species{?zone}. */
        public static final String SPECIES = "species";

        /** In the guide, /species/{kind}. */
        public static final String KIND = "kind";

        /** Shore map, /map. */
        public static final String MAP = "map";

        /** Crew, /crew. */
        public static final String CREW = "crew";

        /** Outing, /crew/outing. */
        public static final String OUTING = "outing";

        /** Sign in, /sign-in. */
        public static final String SIGN_IN = "sign-in";
    }

    /** The items of the menus. */
    public static final class Items {
        private Items() {}

        /** Tides, in the menu main. */
        public static final String TIDES = "tides";

        /** Surveys, in the menu main. */
        public static final String SURVEYS = "surveys";

        /** Species, in the menu main. */
        public static final String SPECIES = "species";

        /** Map, in the menu main. */
        public static final String MAP = "map";

        /** Crew, in the menu main. */
        public static final String CREW = "crew";
    }

    /** What the app tells. */
    public static final class Facts {
        private Facts() {}

        /** A number; 2 at first. */
        public static final String DRAFTS = "drafts";

        /** A number; 0 at first. */
        public static final String INVITATIONS = "invitations";

        /** True or false; false at first. */
        public static final String SIGNED_IN = "signed-in";
    }

    /** The bars. */
    public static final class Bars {
        private Bars() {}

        /** Bottom, rail, drawer with the menu main. */
        public static final String MAIN = "main";

        /** Top. */
        public static final String TOP = "top";
    }

    private static final class Written {
        static String place(String screen, String... parameters) {
            StringBuilder out = new StringBuilder(screen);
            char join = '?';
            for (int i = 0; i < parameters.length; i += 2) {
                if (parameters[i + 1] != null) {
                    out.append(join).append(parameters[i]).append('=').append(parameters[i + 1]);
                    join = '&';
                }
            }
            return out.toString();
        }

        static String value(String name, Object value) {
            java.util.Objects.requireNonNull(value, name);
            String text = value instanceof Number
                    ? new java.math.BigDecimal(value.toString()).stripTrailingZeros().toPlainString()
                    : value.toString();
            if (text.isEmpty()) {
                throw new IllegalArgumentException(name + " is empty");
            }
            try {
                return java.net.URLEncoder.encode(text, "UTF-8")
                        .replace("+", "%20").replace("*", "%2A").replace("%7E", "~");
            } catch (java.io.UnsupportedEncodingException everyJavaHasIt) {
                throw new AssertionError(everyJavaHasIt);
            }
        }

        static String option(String name, Object value) {
            return value == null ? null : value(name, value);
        }
    }
}
