#include "core/text/text.h"

#include <catch2/catch.hpp>

using namespace distanz::text;

TEST_CASE("UTF-8: what is valid stays, every byte that is none is replaced") {
  const std::string good = "a\u00e4\u20ac\U0001F681 \u98db\u884c \u043f\u043e\u043b\u0451\u0442";
  CHECK(validUtf8(good) == good);
  // RFC 3629: overlong forms, surrogates, beyond U+10FFFF, lone and missing continuation bytes
  for (const char* bad : {"\xc0\xaf", "\xe0\x80\xaf", "\xed\xa0\x80", "\xf4\x90\x80\x80", "\x80", "\xc3",
                          "\xe2\x82", "\xff", "\xfe"}) {
    const std::string mended = validUtf8(std::string("x") + bad + "y");
    CHECK(mended.front() == 'x');
    CHECK(mended.back() == 'y');
    CHECK(mended.find("\xef\xbf\xbd") != std::string::npos);
    CHECK(validUtf8(mended) == mended);
  }
  CHECK(validUtf8("\xe2\x82\xac\xe2") == "\u20ac\ufffd");
}

TEST_CASE("UTF-8: a prefix never ends inside a letter") {
  const std::string text = "a\u20ac\U0001F681b";
  for (std::size_t n = 0; n <= text.size(); ++n) {
    const std::string cut(utf8Prefix(text, n));
    CHECK(cut.size() <= n);
    CHECK(text.starts_with(cut));
    CHECK(validUtf8(cut) == cut);
  }
  CHECK(utf8Prefix(text, 3) == "a");
  CHECK(utf8Prefix(text, 100) == text);
}

TEST_CASE(
    "terminals: nothing that moves the cursor, sets a title, or turns the direction of writing gets "
    "through") {
  CHECK(forTerminal("a\x1b[2Jb\x07\rc\x7f\u009b31md\u202ee\n\tf") == "a[2Jbc31mde\n\tf");
  CHECK(forTerminal("caf\u00e9 \u98db") == "caf\u00e9 \u98db");
  CHECK(forTerminal("\xff") == "\ufffd");
  CHECK(jsonForTerminal("{\"a\": \"x\u009by\u202e\"}\n") == "{\"a\": \"x\\u009by\\u202e\"}\n");
}

TEST_CASE("CSV: quoted where needed, and no text is a formula") {
  CHECK(csvField("plain") == "plain");
  CHECK(csvField("a,b") == "\"a,b\"");
  CHECK(csvField("say \"x\"") == "\"say \"\"x\"\"\"");
  CHECK(csvField("two\nlines") == "\"two\nlines\"");
  CHECK(csvField("") == "");
  for (const char* formula : {"=1+1", "+1", "-1", "@x"}) {
    CHECK(csvField(formula) == "'" + std::string(formula));
    CHECK(fromCsvField(csvField(formula)) == formula);
  }
  CHECK(fromCsvField("'tis") == "'tis");
  CHECK(csvField("=HYPERLINK(\"http://x\",\"y\")") == "\"'=HYPERLINK(\"\"http://x\"\",\"\"y\"\")\"");
}
