package org.yonderarc.draw;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import javax.imageio.ImageIO;
import javax.imageio.stream.MemoryCacheImageInputStream;

/** The picture files of one painting, each decoded once, however many strips it is seen in. Thread-safe. */
final class Decoded {
    /** A picture file that claims more pixels than this is not decoded. */
    private static final long MOST_PIXELS = 40_000_000;

    private final Pictures pictures;
    private final Map<String, Optional<Art>> all = new ConcurrentHashMap<>();

    Decoded(Pictures pictures) {
        this.pictures = pictures;
    }

    /** A picture: of pixels, or of shapes. */
    record Art(Optional<BufferedImage> pixels, Optional<SVGDocument> shapes) {}

    /** A picture; no value where there is no such file, or it is none: the initials below it show then. */
    Optional<Art> art(String file) {
        return all.computeIfAbsent(file, name -> pictures.read(name).flatMap(Decoded::decoded));
    }

    private static Optional<Art> decoded(Pictures.Picture picture) {
        var in = new ByteArrayInputStream(picture.bytes());
        if (picture.mime().endsWith("svg+xml")) {
            return Optional.ofNullable(new SVGLoader().load(in, null, LoaderContext.createDefault()))
                    .map(document -> new Art(Optional.empty(), Optional.of(document)));
        }
        return pixels(in).map(image -> new Art(Optional.of(image), Optional.empty()));
    }

    private static Optional<BufferedImage> pixels(ByteArrayInputStream in) {
        try (var stream = new MemoryCacheImageInputStream(in)) {
            var readers = ImageIO.getImageReaders(stream);
            if (!readers.hasNext()) {
                return Optional.empty();
            }
            var reader = readers.next();
            try {
                reader.setInput(stream);
                // A small file can say that it is huge: that is looked at before any room is made for it.
                boolean isHuge = (long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS;
                return isHuge ? Optional.empty() : Optional.of(reader.read(0));
            } finally {
                reader.dispose();
            }
        } catch (IOException broken) {
            return Optional.empty();
        }
    }
}
