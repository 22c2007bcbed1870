package org.yonderarc.draw;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.MemoryCacheImageInputStream;

/**
 * Picture files from outside, cleaned before anybody decodes or embeds them: of PNG (W3C, third edition) and JPEG (ISO
 * 10918-1) only what the pixels need, nothing that is told beside them; of SVG what {@link CleanSvg} keeps. What can't be
 * decoded in time and in small room is refused with the reason.
 */
final class CleanPicture {
    /** A picture with more pixels than this is not decoded: 16 million take 64 MiB. */
    static final long MOST_PIXELS = 16_000_000;
    /** No decoder needs as long for so few pixels; one that hangs is given up. */
    private static final long SECONDS = 10;

    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
    private static final Set<String> PNG_CHUNKS = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND", "gAMA", "sRGB");

    private CleanPicture() {}

    /**
     * The picture with what it may not have left out.
     *
     * @throws IOException with the reason in the words of a message, if it is none
     */
    static Pictures.Picture of(String mime, byte[] bytes) throws IOException {
        byte[] clean =
                switch (mime) {
                    case "image/png" -> png(bytes);
                    case "image/jpeg" -> jpeg(bytes);
                    default -> CleanSvg.of(bytes).text().getBytes(StandardCharsets.UTF_8);
                };
        return new Pictures.Picture(mime, clean);
    }

    /** The pixels of a clean PNG or JPEG. */
    static BufferedImage pixels(byte[] clean) throws IOException {
        var task = new FutureTask<BufferedImage>(() -> decoded(clean));
        var thread = new Thread(task, "picture");
        thread.setDaemon(true);
        thread.start();
        try {
            return task.get(SECONDS, TimeUnit.SECONDS);
        } catch (TimeoutException slow) {
            task.cancel(true);
            throw new IOException("decoding it takes too long", slow);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IOException("decoding it was stopped", stopped);
        } catch (ExecutionException failed) {
            throw new IOException("it can't be decoded", failed.getCause());
        }
    }

    private static BufferedImage decoded(byte[] clean) throws IOException {
        try (var stream = new MemoryCacheImageInputStream(new ByteArrayInputStream(clean))) {
            var readers = ImageIO.getImageReaders(stream);
            if (!readers.hasNext()) {
                throw new IOException("no decoder knows it");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(stream, true, true);
                bounded(reader.getWidth(0), reader.getHeight(0));
                return reader.read(0);
            } finally {
                reader.dispose();
            }
        }
    }

    private static void bounded(long width, long height) throws IOException {
        if (width < 1 || height < 1 || width * height > MOST_PIXELS) {
            throw new IOException("it has " + width + " by " + height + " pixels; a picture has at most "
                    + MOST_PIXELS / 1_000_000 + " million");
        }
    }

    /** Section 5.3: a length, a type, the data and a checksum. */
    private static byte[] png(byte[] bytes) throws IOException {
        if (bytes.length < PNG.length || !java.util.Arrays.equals(PNG, 0, PNG.length, bytes, 0, PNG.length)) {
            throw new IOException("it is no PNG");
        }
        var out = new ByteArrayOutputStream(bytes.length);
        out.writeBytes(PNG);
        var in = ByteBuffer.wrap(bytes, PNG.length, bytes.length - PNG.length);
        boolean isFirst = true;
        while (in.remaining() >= 12) {
            int start = in.position();
            int length = in.getInt();
            String type = new String(bytes, start + 4, 4, StandardCharsets.ISO_8859_1);
            if (length < 0 || length > in.remaining() - 8 || isFirst != type.equals("IHDR")) {
                throw new IOException("it is a broken PNG");
            }
            if (isFirst) {
                bounded(in.getInt(start + 8) & 0xFFFFFFFFL, in.getInt(start + 12) & 0xFFFFFFFFL);
                isFirst = false;
            }
            if (PNG_CHUNKS.contains(type)) {
                out.write(bytes, start, length + 12);
            }
            if (type.equals("IEND")) {
                return out.toByteArray();
            }
            in.position(start + length + 12);
        }
        throw new IOException("it is a broken PNG");
    }

    /** Section B.1.1: segments, each a marker and its length, and scans. Application data, comments and what comes behind the end go. */
    private static byte[] jpeg(byte[] bytes) throws IOException {
        if (bytes.length < 4 || (bytes[0] & 0xFF) != 0xFF || (bytes[1] & 0xFF) != 0xD8) {
            throw new IOException("it is no JPEG");
        }
        var out = new ByteArrayOutputStream(bytes.length);
        out.write(bytes, 0, 2);
        int at = 2;
        boolean isSeen = false;
        while (at + 2 <= bytes.length && (bytes[at] & 0xFF) == 0xFF) {
            int marker = bytes[at + 1] & 0xFF;
            int length = marker == 0xD9 ? 0 : length(bytes, at + 2);
            if (marker != 0xD9 && (length < 2 || at + 2 + length > bytes.length)) {
                break;
            }
            boolean isFrame = marker >= 0xC0 && marker <= 0xCF && marker != 0xC4 && marker != 0xC8 && marker != 0xCC;
            if (isFrame && length >= 7) {
                bounded(
                        (bytes[at + 7] & 0xFF) << 8 | bytes[at + 8] & 0xFF,
                        (bytes[at + 5] & 0xFF) << 8 | bytes[at + 6] & 0xFF);
            }
            // The first and the fourteenth say how colours are meant; all others tell beside the picture.
            boolean isTold = marker == 0xFE || marker > 0xE0 && marker <= 0xEF && marker != 0xEE;
            if (marker == 0xD9) {
                out.write(bytes, at, 2);
                return out.toByteArray();
            }
            if (marker == 0xDA) {
                isSeen = true;
                int next = endOfScan(bytes, at + length + 2);
                out.write(bytes, at, next - at);
                at = next;
                continue;
            }
            if (!isTold) {
                out.write(bytes, at, length + 2);
            }
            at += length + 2;
        }
        if (isSeen) {
            // Cut off: what there is can be drawn.
            return out.toByteArray();
        }
        throw new IOException("it is a broken JPEG");
    }

    private static int length(byte[] bytes, int at) {
        return at + 2 > bytes.length ? 0 : (bytes[at] & 0xFF) << 8 | bytes[at + 1] & 0xFF;
    }

    /** Where the marker stands that ends the data of a scan: neither a byte of data nor a restart (B.1.1.5). */
    private static int endOfScan(byte[] bytes, int from) {
        for (int at = from; at + 1 < bytes.length; at++) {
            int next = bytes[at + 1] & 0xFF;
            boolean isMarker = (bytes[at] & 0xFF) == 0xFF && next != 0 && next != 0xFF && (next < 0xD0 || next > 0xD7);
            if (isMarker) {
                return at;
            }
        }
        return bytes.length;
    }
}
