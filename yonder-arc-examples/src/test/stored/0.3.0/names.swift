// Made from brinelight.yaml by "yonder export". Make it again when the plan changes.

/// What the plan of Brinelight names. Places are texts as the navigator takes them:
/// `survey?survey=41`, with values percent-encoded (RFC 3986).
public enum Places {

    /// Tides, /tides.
    public static let tides = "tides"

    /// Tide table, /tides/{station}: the place, as text.
    ///
    /// - Parameter station: a text
    public static func tide(station: String) -> String {
        return Written.place("tide", [("station", Written.value(station))])
    }

    /// Surveys, /surveys.
    public static let surveys = "surveys"

    /// Survey {survey}, /surveys/{survey}: the place, as text.
    ///
    /// - Parameter survey: a whole number
    public static func survey(survey: Int) -> String {
        return Written.place("survey", [("survey", Written.value(survey))])
    }

    /// Sightings, /surveys/{survey}/sightings: the place, as text.
    ///
    /// - Parameter survey: a whole number
    public static func sightings(survey: Int) -> String {
        return Written.place("sightings", [("survey", Written.value(survey))])
    }

    /// Species, /species{?zone}: the place, as text.
    ///
    /// - Parameter zone: a text; nil leaves it out
    public static func species(zone: String? = nil) -> String {
        return Written.place("species", [("zone", zone.map { Written.value($0) })])
    }

    /// In the guide, /species/{kind}: the place, as text.
    ///
    /// - Parameter kind: a text
    public static func kind(kind: String) -> String {
        return Written.place("kind", [("kind", Written.value(kind))])
    }

    /// Shore map, /map.
    public static let map = "map"

    /// Crew, /crew.
    public static let crew = "crew"

    /// Outing, /crew/outing.
    public static let outing = "outing"

    /// Sign in, /sign-in.
    public static let signIn = "sign-in"

    /// The ids of all screens, to compare that of a place with.
    public enum Screens {

        /// Tides, /tides.
        public static let tides = "tides"

        /// Tide table, /tides/{station}.
        public static let tide = "tide"

        /// Surveys, /surveys.
        public static let surveys = "surveys"

        /// Survey {survey}, /surveys/{survey}.
        public static let survey = "survey"

        /// Sightings, /surveys/{survey}/sightings.
        public static let sightings = "sightings"

        /// Species, /species{?zone}.
        public static let species = "species"

        /// In the guide, /species/{kind}.
        public static let kind = "kind"

        /// Shore map, /map.
        public static let map = "map"

        /// Crew, /crew.
        public static let crew = "crew"

        /// Outing, /crew/outing.
        public static let outing = "outing"

        /// Sign in, /sign-in.
        public static let signIn = "sign-in"
    }

    /// The items of the menus.
    public enum Items {

        /// Tides, in the menu main.
        public static let tides = "tides"

        /// Surveys, in the menu main.
        public static let surveys = "surveys"

        /// Species, in the menu main.
        public static let species = "species"

        /// Map, in the menu main.
        public static let map = "map"

        /// Crew, in the menu main.
        public static let crew = "crew"
    }

    /// What the app tells.
    public enum Facts {

        /// A number; 2 at first.
        public static let drafts = "drafts"

        /// A number; 0 at first.
        public static let invitations = "invitations"

        /// True or false; false at first.
        public static let signedIn = "signed-in"
    }

    /// The bars.
    public enum Bars {

        /// Bottom, rail, drawer with the menu main.
        public static let main = "main"

        /// Top.
        public static let top = "top"
    }

    private enum Written {
        static func place(_ screen: String, _ parameters: [(String, String?)]) -> String {
            var out = screen
            var join = "?"
            for parameter in parameters {
                if let text = parameter.1 {
                    out += join + parameter.0 + "=" + text
                    join = "&"
                }
            }
            return out
        }

        static func value(_ flag: Bool) -> String {
            return String(flag)
        }

        static func value(_ number: Int) -> String {
            return String(number)
        }

        static func value(_ number: Double) -> String {
            precondition(number.isFinite, "a number is finite")
            if number == number.rounded() && abs(number) < 1e15 {
                return value(Int(number))
            }
            return value(String(number))
        }

        static func value(_ text: String) -> String {
            precondition(!text.isEmpty, "a value is not empty")
            let unreserved = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-._~"
            let digits = Array("0123456789ABCDEF")
            var out = ""
            for byte in Array(text.utf8) {
                let character = Character(UnicodeScalar(byte))
                if unreserved.contains(character) {
                    out.append(character)
                } else {
                    out.append("%")
                    out.append(digits[Int(byte >> 4)])
                    out.append(digits[Int(byte & 15)])
                }
            }
            return out
        }
    }
}
