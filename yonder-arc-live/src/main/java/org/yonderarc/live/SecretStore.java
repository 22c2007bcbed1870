package org.yonderarc.live;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.nio.file.attribute.UserPrincipal;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.Optional;
import java.util.Set;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * The secret of an address. It is made of a key that only this person's account can read, so that a server that is started again has
 * the same, and pages that are still open find it; and of the plan, so that each has its own. A key that somebody else could have read or
 * written is not used: another one takes its place.
 */
final class SecretStore {
    private static final int KEY_BYTES = 32;
    private static final int PATIENCE = 20;
    /** In ms. */
    private static final int PAUSE = 10;
    /** So many letters of the secret are in the address: 144 bits. */
    private static final int LETTERS = 24;
    /** 32 random bytes have at least so many values among them, but once in 10^20 times. */
    private static final int FEWEST_VALUES = 16;

    private static final Set<PosixFilePermission> OTHERS = PosixFilePermissions.fromString("---rwxrwx");

    private SecretStore() {}

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

    /** Writes a file that only this person's account can read, in a folder that is made if it isn't there. */
    static void write(Path file, byte[] bytes) throws IOException {
        create(file.getParent(), file);
        Files.write(file, bytes);
    }

    private static void create(Path folder, Path file) throws IOException {
        if (!Files.isDirectory(folder)) {
            Files.createDirectories(folder.toAbsolutePath().getParent());
            Files.createDirectory(folder, own(folder.toAbsolutePath().getParent(), "rwx------"));
        }
        Files.createFile(file, own(folder, "rw-------"));
    }

    private static FileAttribute<?>[] own(Path folder, String permissions) throws IOException {
        return isPosix(folder)
                ? new FileAttribute<?>[] {
                    PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString(permissions))
                }
                : new FileAttribute<?>[0];
    }

    private static boolean isPosix(Path folder) throws IOException {
        return Files.getFileStore(folder).supportsFileAttributeView("posix");
    }

    private static byte[] key(Path folder) {
        Path file = folder.resolve("live.key");
        byte[] made = random();
        try {
            if (Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS)) {
                if (!isOwn(file)) {
                    Files.delete(file);
                } else {
                    Optional<byte[]> key = waited(file);
                    if (key.isPresent()) {
                        return key.get();
                    }
                    Files.delete(file);
                }
            }
            write(file, made);
            return made;
        } catch (FileAlreadyExistsException another) {
            // Another server was started at the same time, or what is there is no file.
            return Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS)
                    ? waited(file).orElse(made)
                    : made;
        } catch (IOException cannotBeKept) {
            // It holds for this run.
            return made;
        }
    }

    /** Whether nobody else can read or write it, or put another in its place. */
    private static boolean isOwn(Path file) throws IOException {
        Path folder = file.toAbsolutePath().getParent();
        if (!isPosix(folder)) {
            return true;
        }
        var of = Files.readAttributes(file, PosixFileAttributes.class, LinkOption.NOFOLLOW_LINKS);
        var within = Files.readAttributes(folder, PosixFileAttributes.class);
        boolean isShared = of.permissions().stream().anyMatch(OTHERS::contains)
                || within.permissions().contains(PosixFilePermission.GROUP_WRITE)
                || within.permissions().contains(PosixFilePermission.OTHERS_WRITE);
        return !isShared && of.owner().equals(me(folder));
    }

    /** The account that this runs as. */
    static UserPrincipal me(Path folder) throws IOException {
        return folder.getFileSystem()
                .getUserPrincipalLookupService()
                .lookupPrincipalByName(System.getProperty("user.name"));
    }

    /** The key in a file, which another server may be about to write. */
    private static Optional<byte[]> waited(Path file) {
        for (int i = 0; i < PATIENCE; i++) {
            try {
                byte[] there = Files.readAllBytes(file);
                if (there.length == KEY_BYTES) {
                    return isRandom(there) ? Optional.of(there) : Optional.empty();
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

    private static boolean isRandom(byte[] key) {
        var seen = new boolean[256];
        int values = 0;
        for (byte one : key) {
            values += seen[one & 0xFF] ? 0 : 1;
            seen[one & 0xFF] = true;
        }
        return values >= FEWEST_VALUES;
    }

    private static byte[] random() {
        byte[] key = new byte[KEY_BYTES];
        new SecureRandom().nextBytes(key);
        return key;
    }
}
