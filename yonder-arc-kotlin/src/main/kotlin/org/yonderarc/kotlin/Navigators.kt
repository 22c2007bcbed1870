/** The navigator as Kotlin has it: properties, null where Java has an optional, pairs, and values of any kind for facts. */
package org.yonderarc.kotlin

import org.yonderarc.navigator.Gate
import org.yonderarc.navigator.Navigator
import org.yonderarc.plan.FactValue
import org.yonderarc.plan.ListEntry
import org.yonderarc.plan.Place
import org.yonderarc.walk.Change

/** The place that is shown. */
public val Navigator.here: Place
    get() = place()

/** What waits at the gate for an answer; null for nothing. */
public val Navigator.asked: Gate.Asked?
    get() = pending().orElse(null)

/** Why a step was refused; null where it was not. */
public val Change.reason: String?
    get() = refusal().orElse(null)

/** The value of a parameter of a place; null where it has none of this name. */
public operator fun Place.get(parameter: String): String? = parameters()[parameter]

/** Opens a screen with parameters: `navigator.open("plot", "plot" to 7)`. */
public fun Navigator.open(screen: String, vararg parameters: Pair<String, Any>): Change =
    open(screen, parameters.associate { (name, value) -> name to value.toString() })

/**
 * Tells facts at once: `navigator.tell("chores" to 3, "member" to true)`. Observers hear of all of them together.
 *
 * @throws IllegalArgumentException if a value is no Boolean, number, text or list of entries
 */
public fun Navigator.tell(vararg facts: Pair<String, Any>): Change =
    tellAll(facts.associate { (fact, value) -> fact to factValue(value) })

/**
 * What a fact holds: a Boolean, a Long where it is a whole number, else a Double, a String, or a list of entries; null where the plan has no such
 * fact.
 */
public fun Navigator.fact(fact: String): Any? = state().facts()[fact]?.let(::plainValue)

internal fun plainValue(value: FactValue): Any =
    when (value) {
        is FactValue.Flag -> value.on()
        is FactValue.Number -> value.number().let { if (it == Math.rint(it)) it.toLong() else it }
        is FactValue.Text -> value.text()
        is FactValue.Entries -> value.entries()
    }

private fun factValue(value: Any): FactValue =
    when (value) {
        is FactValue -> value
        is Boolean -> FactValue.Flag(value)
        is Number -> FactValue.Number(value.toDouble())
        is CharSequence -> FactValue.Text(value.toString())
        is List<*> -> FactValue.Entries(value.map { it as? ListEntry ?: unusable(value) })
        else -> unusable(value)
    }

private fun unusable(value: Any): Nothing =
    throw IllegalArgumentException("a fact is a Boolean, a number, a text or a list of entries, not $value")
