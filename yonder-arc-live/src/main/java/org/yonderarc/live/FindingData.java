package org.yonderarc.live;

import org.yonderarc.finding.Finding;
import org.yonderarc.tree.MapValue;

/** A finding as a page is told of it. */
final class FindingData {
    private FindingData() {}

    static MapValue of(Finding finding) {
        return Json.map(
                "severity", finding.severity().word(),
                "message", finding.message(),
                "remedy", finding.remedy(),
                "at", finding.spot().pointer(),
                "line", finding.spot().isLocated() ? finding.spot().line() : 0,
                "column", finding.spot().isLocated() ? finding.spot().column() : 0);
    }
}
