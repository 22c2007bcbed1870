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
import org.yonderarc.finding.Brief;

/** The picture files of one painting, each decoded once, however many strips it is seen in. Thread-safe. */
final class Decoded {
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
        try {
            return Optional.of(decode(picture));
        } catch (IOException unusable) {
            return Optional.empty();
        }
    }

    /** Why a picture can't be decoded, if it can't. */
    static Optional<String> trouble(Pictures.Picture picture) {
        try {
            decode(picture);
            return Optional.empty();
        } catch (IOException unusable) {
            return Optional.of(Brief.of(unusable));
        }
    }

    private static Art decode(Pictures.Picture picture) throws IOException {
        // Whoever gives pictures by other means than a folder may give anything.
        Pictures.Picture clean = CleanPicture.of(picture.mime(), picture.bytes());
        if (!picture.mime().endsWith("svg+xml")) {
            return new Art(Optional.of(CleanPicture.pixels(clean.bytes())), Optional.empty());
        }
        try {
            var in = new ByteArrayInputStream(clean.bytes());
            return Optional.ofNullable(new SVGLoader().load(in, null, LoaderContext.createDefault()))
                    .map(document -> new Art(Optional.empty(), Optional.of(document)))
                    .orElseThrow(() -> new IOException("it is no SVG"));
        } catch (RuntimeException fault) {
            throw new IOException("it can't be drawn", fault);
        }
    }
}
