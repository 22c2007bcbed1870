package org.yonderarc.fit;

import java.util.Collections;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** The words that an app says of itself, whatever the plan says, in the languages that they are known in. */
public enum OwnWord {
    /** What the button says that goes back; the place comes where the braces are. */
    BACK_TO,
    /** What the button says that opens a drawer. */
    MENU,
    /** What the button says that makes a bar narrow. */
    COLLAPSE,
    /** What the button says that makes a bar wide. */
    EXPAND,
    /** What leads to the items that don't fit. */
    MORE,
    /** What a badge without a number means. */
    NEW,
    /** What is touched to close a drawer. */
    CLOSE;

    /** Where another text comes. */
    private static final String HOLE = "{}";

    private static final Map<String, String[]> BY_LANGUAGE = languages();

    private static Map<String, String[]> languages() {
        var all = new HashMap<String, String[]>();
        all.put("en", words("Back to {}", "Menu", "Collapse", "Expand", "More", "new", "Close the menu"));
        all.put("de", words("Zurück zu {}", "Menü", "Einklappen", "Ausklappen", "Mehr", "neu", "Menü schließen"));
        all.put("fr", words("Retour à {}", "Menu", "Réduire", "Développer", "Plus", "nouveau", "Fermer le menu"));
        all.put("es", words("Volver a {}", "Menú", "Contraer", "Expandir", "Más", "nuevo", "Cerrar el menú"));
        all.put("it", words("Torna a {}", "Menu", "Comprimi", "Espandi", "Altro", "nuovo", "Chiudi il menu"));
        all.put("pt", words("Voltar para {}", "Menu", "Recolher", "Expandir", "Mais", "novo", "Fechar o menu"));
        all.put("nl", words("Terug naar {}", "Menu", "Inklappen", "Uitklappen", "Meer", "nieuw", "Menu sluiten"));
        all.put("da", words("Tilbage til {}", "Menu", "Fold sammen", "Fold ud", "Mere", "ny", "Luk menuen"));
        all.put("sv", words("Tillbaka till {}", "Meny", "Fäll ihop", "Fäll ut", "Mer", "ny", "Stäng menyn"));
        all.put("nb", words("Tilbake til {}", "Meny", "Skjul", "Utvid", "Mer", "ny", "Lukk menyen"));
        all.put("fi", words("Takaisin: {}", "Valikko", "Tiivistä", "Laajenna", "Lisää", "uusi", "Sulje valikko"));
        all.put("pl", words("Wróć do: {}", "Menu", "Zwiń", "Rozwiń", "Więcej", "nowe", "Zamknij menu"));
        all.put("cs", words("Zpět: {}", "Nabídka", "Sbalit", "Rozbalit", "Více", "nové", "Zavřít nabídku"));
        all.put("uk", words("Назад: {}", "Меню", "Згорнути", "Розгорнути", "Більше", "нове", "Закрити меню"));
        all.put("tr", words("Geri: {}", "Menü", "Daralt", "Genişlet", "Diğer", "yeni", "Menüyü kapat"));
        all.put("ar", words("الرجوع إلى {}", "القائمة", "طي", "توسيع", "المزيد", "جديد", "إغلاق القائمة"));
        all.put("he", words("חזרה אל {}", "תפריט", "כיווץ", "הרחבה", "עוד", "חדש", "סגירת התפריט"));
        all.put("hi", words("{} पर वापस", "मेन्यू", "समेटें", "फैलाएँ", "और", "नया", "मेन्यू बंद करें"));
        all.put("zh", words("返回{}", "菜单", "收起", "展开", "更多", "新", "关闭菜单"));
        all.put("ja", words("{}に戻る", "メニュー", "折りたたむ", "展開", "その他", "新着", "メニューを閉じる"));
        all.put("ko", words("{}(으)로 돌아가기", "메뉴", "접기", "펼치기", "더보기", "새 항목", "메뉴 닫기"));
        // Bokmål is what Norwegian is taken for.
        all.put("no", all.get("nb"));
        return all;
    }

    private static String[] words(String... inOrder) {
        return inOrder;
    }

    /** The languages (BCP 47, without regions) that these words are known in. */
    public static Set<String> known() {
        return Collections.unmodifiableSet(BY_LANGUAGE.keySet());
    }

    /** The word in a language; in English where it isn't known in that. */
    public String in(String tag) {
        int end = tag.indexOf('-');
        String language = (end < 0 ? tag : tag.substring(0, end)).toLowerCase(Locale.ROOT);
        return BY_LANGUAGE.getOrDefault(language, BY_LANGUAGE.get("en"))[ordinal()];
    }

    /** The word in a language, with another text in its place. */
    public String in(String tag, String other) {
        return in(tag).replace(HOLE, other);
    }
}
