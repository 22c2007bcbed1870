package org.yonderarc.kotlin

import java.util.function.Consumer
import kotlinx.coroutines.channels.awaitClose
import kotlinx.coroutines.flow.Flow
import kotlinx.coroutines.flow.callbackFlow
import kotlinx.coroutines.flow.conflate
import org.yonderarc.navigator.Navigator
import org.yonderarc.plan.FactValue
import org.yonderarc.plan.Place

/** The place that is shown: the one now, then each other one. Who is slow is told the latest. */
public fun Navigator.places(): Flow<Place> = observed { observePlace(it) }

/** The title of the place that is shown, its holes filled: the one now, then each other one. Who is slow is told the latest. */
public fun Navigator.titles(): Flow<String> = observed { observeTitle(it) }

/**
 * What a fact holds, as [fact] gives it: now, then whenever it is another. Who is slow is told the latest.
 *
 * @throws IllegalArgumentException when it is collected, if the plan has no such fact
 */
public fun Navigator.facts(fact: String): Flow<Any> =
    observed { told -> observeFact(fact) { value: FactValue -> told.accept(plainValue(value)) } }

private fun <T> observed(observe: (Consumer<T>) -> Navigator.Subscription): Flow<T> =
    callbackFlow {
        val subscription = observe(Consumer { value -> trySend(value) })
        awaitClose { subscription.close() }
    }.conflate()
