package gladtile.server.checking;

import gladtile.core.answer.AnswerKey;
import gladtile.core.check.Finding;
import gladtile.core.check.Mend;
import gladtile.core.check.PageCheck;
import gladtile.core.message.Message;
import java.util.ArrayList;
import java.util.List;

/**
 * A finding as the workbench shows it.
 *
 * @param name by which it is said to be meant so
 * @param title in two or three words
 * @param mends the last of them says that it is meant so
 */
record FindingView(
        String name,
        Finding.Kind kind,
        Message title,
        String pageId,
        List<String> itemIds,
        Message words,
        List<Mend> mends) {
    static FindingView of(Finding finding, AnswerKey key) {
        List<Mend> mends = new ArrayList<>(finding.mends());
        mends.add(PageCheck.meantSo(key, finding));
        return new FindingView(
                finding.name(),
                finding.kind(),
                finding.kind().title(),
                finding.pageId(),
                finding.itemIds(),
                finding.words(),
                mends);
    }
}
