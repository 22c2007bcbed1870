package org.yonderarc.live;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.Optional;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * The secret of an address. It is made of a key that only this person's account can read, so that a server that is started again has
 * the same, and pages that are still open find it; and of the plan, so that each has its own.
 */
final class Kept {
    private static final int KEY_BYTES = 32;
    private static final int PATIENCE = 20;
    /** In ms. */
    private static final int PAUSE = 10;
    /** So many letters of the secret are in the address: 144 bits. */
    private static final int LETTERS = 24;

    private Kept() {}

    /** The secret for a plan, with the key in this folder; where none can be kept there, another one each time. */
    static String secret(Path folder, Path plan) {
        byte[] key = key(folder);
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(key, "HmacSHA256"));
            byte[] made =
                    mac.doFinal(plan.toAbsolutePath().normalize().toString().getBytes(StandardCharsets.UTF_8));
            return Base64.getUrlEncoder().withoutPadding().encodeToString(made).substring(0, LETTERS);
        } catch (GeneralSecurityException everyPlatformHasIt) {
            throw new IllegalStateException(everyPlatformHasIt);
        }
    }

    private static byte[] key(Path folder) {
        Path file = folder.resolve("live.key");
        try {
            if (Files.isRegularFile(file) && Files.size(file) == KEY_BYTES) {
                return Files.readAllBytes(file);
            }
        } catch (IOException unreadable) {
            return random();
        }
        byte[] made = random();
        try {
            Files.createDirectories(folder);
            boolean isPosix = Files.getFileStore(folder).supportsFileAttributeView("posix");
            if (isPosix) {
                var own = PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------"));
                Files.createFile(file, own);
            } else {
                Files.createFile(file);
            }
            Files.write(file, made);
            return made;
        } catch (FileAlreadyExistsException another) {
            // Another server was started at the same time, or what is there is no key of ours.
            return waited(file).orElse(made);
        } catch (IOException cannotBeKept) {
            // It holds for this run.
            return made;
        }
    }

    /** The key that another server is about to write. */
    private static Optional<byte[]> waited(Path file) {
        for (int i = 0; i < PATIENCE; i++) {
            try {
                byte[] there = Files.readAllBytes(file);
                if (there.length == KEY_BYTES) {
                    return Optional.of(there);
                }
                Thread.sleep(PAUSE);
            } catch (IOException unreadable) {
                return Optional.empty();
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    private static byte[] random() {
        byte[] key = new byte[KEY_BYTES];
        new SecureRandom().nextBytes(key);
        return key;
    }
}
