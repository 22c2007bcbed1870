// Made from brinelight.yaml by "yonder export". Make it again when the plan changes.

/**
 * What the plan of Brinelight names. Places are texts as the navigator takes them:
 * `survey?survey=41`, with values percent-encoded (RFC 3986).
 */
object Places {

    /** Tides, /tides. */
    const val TIDES: String = "tides"

    /**
     * Tide table, /tides/{station}: the place, as text.
     *
     * @param station a text
     */
    fun tide(station: String): String =
        place("tide", "station" to station)

    /** Surveys, /surveys. */
    const val SURVEYS: String = "surveys"

    /**
     * Survey {survey}, /surveys/{survey}: the place, as text.
     *
     * @param survey a whole number
     */
    fun survey(survey: Long): String =
        place("survey", "survey" to survey)

    /**
     * Sightings, /surveys/{survey}/sightings: the place, as text.
     *
     * @param survey a whole number
     */
    fun sightings(survey: Long): String =
        place("sightings", "survey" to survey)

    /** Species, /species{?zone}. */
    const val SPECIES: String = "species"

    /**
     * Species, /species{?zone}: the place, as text.
     *
     * @param zone a text; null leaves it out
     */
    fun species(zone: String? = null): String =
        place("species", "zone" to zone)

    /**
     * In the guide, /species/{kind}: the place, as text.
     *
     * @param kind a text
     */
    fun kind(kind: String): String =
        place("kind", "kind" to kind)

    /** Shore map, /map. */
    const val MAP: String = "map"

    /** Crew, /crew. */
    const val CREW: String = "crew"

    /** Outing, /crew/outing. */
    const val OUTING: String = "outing"

    /** Sign in, /sign-in. */
    const val SIGN_IN: String = "sign-in"

    /** The ids of all screens, to compare that of a place with. */
    object Screens {

        /** Tides, /tides. */
        const val TIDES: String = "tides"

        /** Tide table, /tides/{station}. */
        const val TIDE: String = "tide"

        /** Surveys, /surveys. */
        const val SURVEYS: String = "surveys"

        /** Survey {survey}, /surveys/{survey}. */
        const val SURVEY: String = "survey"

        /** Sightings, /surveys/{survey}/sightings. */
        const val SIGHTINGS: String = "sightings"

        /** Species, /species{?zone}. */
        const val SPECIES: String = "species"

        /** In the guide, /species/{kind}. */
        const val KIND: String = "kind"

        /** Shore map, /map. */
        const val MAP: String = "map"

        /** Crew, /crew. */
        const val CREW: String = "crew"

        /** Outing, /crew/outing. */
        const val OUTING: String = "outing"

        /** Sign in, /sign-in. */
        const val SIGN_IN: String = "sign-in"
    }

    /** The items of the menus. */
    object Items {

        /** Tides, in the menu main. */
        const val TIDES: String = "tides"

        /** Surveys, in the menu main. */
        const val SURVEYS: String = "surveys"

        /** Species, in the menu main. */
        const val SPECIES: String = "species"

        /** Map, in the menu main. */
        const val MAP: String = "map"

        /** Crew, in the menu main. */
        const val CREW: String = "crew"
    }

    /** What the app tells. */
    object Facts {

        /** A number; 2 at first. */
        const val DRAFTS: String = "drafts"

        /** A number; 0 at first. */
        const val INVITATIONS: String = "invitations"

        /** True or false; false at first. */
        const val SIGNED_IN: String = "signed-in"
    }

    /** The bars. */
    object Bars {

        /** Bottom, rail, drawer with the menu main. */
        const val MAIN: String = "main"

        /** Top. */
        const val TOP: String = "top"
    }

    private fun place(screen: String, vararg parameters: Pair<String, Any?>): String =
        screen + parameters.filter { it.second != null }
            .mapIndexed { index, (name, value) -> (if (index == 0) "?" else "&") + name + "=" + encode(name, value!!) }
            .joinToString("")

    private fun encode(name: String, value: Any): String {
        if (value is Double) {
            require(!value.isNaN() && !value.isInfinite()) { "$name is no finite number" }
        }
        val whole = value is Double && value % 1.0 == 0.0 && value > -1e15 && value < 1e15
        val text = if (whole) (value as Double).toLong().toString() else value.toString()
        require(text.isNotEmpty()) { "$name is empty" }
        return text.encodeToByteArray().joinToString("") { byte ->
            val code = byte.toInt() and 0xFF
            val char = code.toChar()
            if (char in 'a'..'z' || char in 'A'..'Z' || char in '0'..'9' || char in "-._~") char.toString()
            else "%" + code.toString(16).uppercase().padStart(2, '0')
        }
    }
}
