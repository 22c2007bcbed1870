package org.quay;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executor;
import java.util.function.IntConsumer;

/** What the app is about: boats, and letters for those who have signed in. It knows nothing of screens. */
final class Harbour {
    private final Executor network;
    private final List<String> letters = new CopyOnWriteArrayList<>();
    private IntConsumer onLetters = count -> {};

    /** A harbour that is asked over a network: what is put into that executor is answered later, and by another thread. */
    Harbour(Executor network) {
        this.network = network;
    }

    List<String> boats() {
        return List.of("Petrel", "Guillemot", "Tern", "Kittiwake");
    }

    List<String> letters() {
        return List.copyOf(letters);
    }

    void onLetters(IntConsumer listener) {
        onLetters = listener;
        listener.accept(letters.size());
    }

    void read(String letter) {
        letters.remove(letter);
        onLetters.accept(letters.size());
    }

    /** Whether somebody of this name may read the mail; their letters come with the answer. */
    CompletableFuture<Boolean> signIn(String name) {
        return CompletableFuture.supplyAsync(() -> !name.isBlank(), network).thenApply(known -> {
            if (known) {
                letters.addAll(List.of("Berth 12 is free from Friday", "Gale warning for Sunday"));
                onLetters.accept(letters.size());
            }
            return known;
        });
    }
}
