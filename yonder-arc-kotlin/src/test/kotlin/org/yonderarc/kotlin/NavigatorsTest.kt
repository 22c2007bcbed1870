package org.yonderarc.kotlin

import kotlinx.coroutines.flow.take
import kotlinx.coroutines.flow.toList
import kotlinx.coroutines.launch
import kotlinx.coroutines.runBlocking
import kotlinx.coroutines.yield
import org.junit.jupiter.api.Assertions.assertEquals
import org.junit.jupiter.api.Assertions.assertNotNull
import org.junit.jupiter.api.Assertions.assertNull
import org.junit.jupiter.api.Assertions.assertThrows
import org.junit.jupiter.api.Test
import org.yonderarc.files.PlanFile
import org.yonderarc.navigator.Gate
import org.yonderarc.navigator.Navigator
import org.yonderarc.plan.ListEntry

class NavigatorsTest {
    private val navigator =
        Navigator(
            PlanFile.require(
                "plan.yaml",
                """
                yonder: 1
                app: { name: Plotwise, start: plots }
                facts: { chores: 2, member: false, ratio: 0.5, wanted: "" }
                screens:
                  plots: { title: Plots }
                  plot: { title: "Plot {plot}", under: plots, path: "/plots/{plot}" }
                """.trimIndent(),
            ),
            Runnable::run,
        )

    @Test
    fun `parameters and facts are of any kind`() {
        navigator.open("plot", "plot" to 7)
        assertEquals("7", navigator.here["plot"])
        assertNull(navigator.here["bed"])
        navigator.tell("chores" to 3L, "member" to true, "ratio" to 0.25f, "wanted" to "beans")
        assertEquals(listOf<Any?>(3L, true, 0.25, "beans"), listOf("chores", "member", "ratio", "wanted").map(navigator::fact))
        assertNull(navigator.fact("nothing"))
        val wrong = assertThrows(IllegalArgumentException::class.java) { navigator.tell("chores" to Any()) }
        assertEquals(true, wrong.message?.startsWith("a fact is a Boolean, a number, a text or a list of entries, not "))
        assertThrows(IllegalArgumentException::class.java) { navigator.tell("chores" to listOf(ListEntry.of("a", "A"), 1)) }
    }

    @Test
    fun `what is refused says why`() {
        assertNotNull(navigator.open("shed").reason)
        assertNull(navigator.open("plot", "plot" to 1).reason)
    }

    @Test
    fun `what waits at the gate is there until it is answered`() {
        assertNull(navigator.asked)
        navigator.gate { Gate.Answer.WAIT }
        navigator.open("plot", "plot" to 1)
        navigator.answer(navigator.asked!!, true)
        assertNull(navigator.asked)
        assertEquals("1", navigator.here["plot"])
    }

    @Test
    fun `flows tell what is and what comes`() =
        runBlocking {
            val places = mutableListOf<String>()
            val titles = mutableListOf<String>()
            val chores = mutableListOf<Any>()
            val told =
                listOf(
                    launch { navigator.places().take(3).toList().mapTo(places) { it.text() } },
                    launch { navigator.titles().take(2).toList(titles) },
                    launch { navigator.facts("chores").take(2).toList(chores) },
                )
            suspend fun settle() = repeat(20) { yield() }
            settle()
            navigator.open("plot", "plot" to 4)
            settle()
            navigator.tell("chores" to 5)
            navigator.back()
            settle()
            told.forEach { it.join() }
            assertEquals(listOf("plots", "plot?plot=4", "plots"), places)
            assertEquals(listOf("Plots", "Plot 4"), titles)
            assertEquals(listOf<Any>(2L, 5L), chores)
            val wrong = runCatching { navigator.facts("shed").toList() }
            assertEquals(IllegalArgumentException::class, wrong.exceptionOrNull()?.let { it::class })
        }
}
