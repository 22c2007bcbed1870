package org.yonderarc.plan;

import java.util.Collections;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/** The words that an app says of itself, whatever the plan says, in the languages that they are known in. */
public enum BuiltInText {
    /** What the button says that goes back; the place comes where the braces are. */
    BACK_TO("What the button says that goes back; the place comes where the braces are."),
    /** What the button says that opens a drawer. */
    MENU("What the button says that opens a drawer."),
    /** What the button says that makes a bar narrow. */
    COLLAPSE("What the button says that makes a bar narrow."),
    /** What the button says that makes a bar wide. */
    EXPAND("What the button says that makes a bar wide."),
    /** What leads to the items that don't fit. */
    MORE("What leads to the items that don't fit."),
    /** What a badge without a number means. */
    NEW("What a badge without a number means."),
    /** What is touched to close a drawer. */
    CLOSE("What is touched to close a drawer."),
    /** What a field says into which people type what they look for. */
    FIND("What a field says into which people type what they look for."),
    /** What is said where nothing is found. */
    NOTHING("What is said where nothing is found.");

    private final String meaning;

    BuiltInText(String meaning) {
        this.meaning = meaning;
    }

    /** What it is for, as a sentence. */
    public String meaning() {
        return meaning;
    }

    /** The name of the hole where another text comes. */
    public static final String PLACE = "place";

    private static final Map<String, String[]> BY_LANGUAGE = languages();

    private static Map<String, String[]> languages() {
        var all = new HashMap<String, String[]>();
        all.put(
                "en",
                words(
                        "Back to {place}",
                        "Menu",
                        "Collapse",
                        "Expand",
                        "More",
                        "new",
                        "Close the menu",
                        "Find",
                        "Nothing found"));
        all.put(
                "de",
                words(
                        "Zurück zu {place}",
                        "Menü",
                        "Einklappen",
                        "Ausklappen",
                        "Mehr",
                        "neu",
                        "Menü schließen",
                        "Suchen",
                        "Nichts gefunden"));
        all.put(
                "fr",
                words(
                        "Retour à {place}",
                        "Menu",
                        "Réduire",
                        "Développer",
                        "Plus",
                        "nouveau",
                        "Fermer le menu",
                        "Chercher",
                        "Rien trouvé"));
        all.put(
                "es",
                words(
                        "Volver a {place}",
                        "Menú",
                        "Contraer",
                        "Expandir",
                        "Más",
                        "nuevo",
                        "Cerrar el menú",
                        "Buscar",
                        "Nada encontrado"));
        all.put(
                "it",
                words(
                        "Torna a {place}",
                        "Menu",
                        "Comprimi",
                        "Espandi",
                        "Altro",
                        "nuovo",
                        "Chiudi il menu",
                        "Cerca",
                        "Nessun risultato"));
        all.put(
                "pt",
                words(
                        "Voltar para {place}",
                        "Menu",
                        "Recolher",
                        "Expandir",
                        "Mais",
                        "novo",
                        "Fechar o menu",
                        "Procurar",
                        "Nada encontrado"));
        all.put(
                "nl",
                words(
                        "Terug naar {place}",
                        "Menu",
                        "Inklappen",
                        "Uitklappen",
                        "Meer",
                        "nieuw",
                        "Menu sluiten",
                        "Zoeken",
                        "Niets gevonden"));
        all.put(
                "da",
                words(
                        "Tilbage til {place}",
                        "Menu",
                        "Fold sammen",
                        "Fold ud",
                        "Mere",
                        "ny",
                        "Luk menuen",
                        "Søg",
                        "Intet fundet"));
        all.put(
                "sv",
                words(
                        "Tillbaka till {place}",
                        "Meny",
                        "Fäll ihop",
                        "Fäll ut",
                        "Mer",
                        "ny",
                        "Stäng menyn",
                        "Sök",
                        "Inget hittades"));
        all.put(
                "nb",
                words(
                        "Tilbake til {place}",
                        "Meny",
                        "Skjul",
                        "Utvid",
                        "Mer",
                        "ny",
                        "Lukk menyen",
                        "Søk",
                        "Ingenting funnet"));
        all.put(
                "fi",
                words(
                        "Takaisin: {place}",
                        "Valikko",
                        "Tiivistä",
                        "Laajenna",
                        "Lisää",
                        "uusi",
                        "Sulje valikko",
                        "Etsi",
                        "Ei tuloksia"));
        all.put(
                "pl",
                words(
                        "Wróć do: {place}",
                        "Menu",
                        "Zwiń",
                        "Rozwiń",
                        "Więcej",
                        "nowe",
                        "Zamknij menu",
                        "Szukaj",
                        "Nic nie znaleziono"));
        all.put(
                "cs",
                words(
                        "Zpět: {place}",
                        "Nabídka",
                        "Sbalit",
                        "Rozbalit",
                        "Více",
                        "nové",
                        "Zavřít nabídku",
                        "Hledat",
                        "Nic nenalezeno"));
        all.put(
                "uk",
                words(
                        "Назад: {place}",
                        "Меню",
                        "Згорнути",
                        "Розгорнути",
                        "Більше",
                        "нове",
                        "Закрити меню",
                        "Пошук",
                        "Нічого не знайдено"));
        all.put(
                "tr",
                words(
                        "Geri: {place}",
                        "Menü",
                        "Daralt",
                        "Genişlet",
                        "Diğer",
                        "yeni",
                        "Menüyü kapat",
                        "Ara",
                        "Sonuç yok"));
        all.put(
                "ar",
                words(
                        "الرجوع إلى {place}",
                        "القائمة",
                        "طي",
                        "توسيع",
                        "المزيد",
                        "جديد",
                        "إغلاق القائمة",
                        "بحث",
                        "لا نتائج"));
        all.put(
                "he",
                words(
                        "חזרה אל {place}",
                        "תפריט",
                        "כיווץ",
                        "הרחבה",
                        "עוד",
                        "חדש",
                        "סגירת התפריט",
                        "חיפוש",
                        "לא נמצא דבר"));
        all.put(
                "hi",
                words(
                        "{place} पर वापस",
                        "मेन्यू",
                        "समेटें",
                        "फैलाएँ",
                        "और",
                        "नया",
                        "मेन्यू बंद करें",
                        "खोजें",
                        "कुछ नहीं मिला"));
        all.put("zh", words("返回{place}", "菜单", "收起", "展开", "更多", "新", "关闭菜单", "查找", "未找到"));
        all.put("ja", words("{place}に戻る", "メニュー", "折りたたむ", "展開", "その他", "新着", "メニューを閉じる", "検索", "見つかりません"));
        all.put("ko", words("{place}(으)로 돌아가기", "메뉴", "접기", "펼치기", "더보기", "새 항목", "메뉴 닫기", "찾기", "찾은 항목 없음"));
        // Bokmål is what Norwegian is taken for.
        all.put("no", all.get("nb"));
        return all;
    }

    private static String[] words(String... inOrder) {
        return inOrder;
    }

    /** The key that a plan words it by, such as {@code back-to}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether it is known in a language (BCP 47, with a region or without). */
    public static boolean isKnown(String tag) {
        return BY_LANGUAGE.containsKey(language(tag));
    }

    /** The languages (BCP 47, without regions) that these words are known in. */
    public static Set<String> known() {
        return Collections.unmodifiableSet(BY_LANGUAGE.keySet());
    }

    /** The word in a language; in English where it isn't known in that. */
    public String in(String tag) {
        return Objects.requireNonNull(BY_LANGUAGE.getOrDefault(language(tag), BY_LANGUAGE.get("en")))[ordinal()];
    }

    private static String language(String tag) {
        int end = tag.indexOf('-');
        return (end < 0 ? tag : tag.substring(0, end)).toLowerCase(Locale.ROOT);
    }

    /** The word in a language, with another text in its place. */
    public String in(String tag, String other) {
        return in(tag).replace("{" + PLACE + "}", other);
    }
}
