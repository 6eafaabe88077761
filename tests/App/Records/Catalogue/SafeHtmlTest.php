<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Records\Catalogue;

use PHPUnit\Framework\TestCase;
use Vestibra\App\Records\Catalogue\SafeHtml;
use Vestibra\Tests\Core\Outside;

/**
 * HTML made safe, against the OWASP cross-site scripting filter evasion list (as remembered, not fetched) and npm
 * dompurify, which has to find nothing left to remove.
 */
final class SafeHtmlTest extends TestCase
{
    public function test_npm_dompurify_finds_nothing_left_to_remove(): void
    {
        $strings = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/outside/filter-evasion.json'), true);
        self::assertIsArray($strings);
        $clean = array_map(SafeHtml::clean(...), array_values(array_filter($strings, is_string(...))));

        self::assertGreaterThan(60, count($clean));
        self::assertSame(array_fill(0, count($clean), []), Outside::ask('dompurify.mjs', $clean));
        foreach ($clean as $number => $html) {
            self::assertDoesNotMatchRegularExpression(
                '~<[^>]*(\son\w+\s*=|\sstyle\s*=|\sid\s*=|\sclass\s*=|javascript:|vbscript:|data:)|'
                    .'<(script|iframe|style|object|embed|svg|form|meta|link|base)\b~i',
                $html,
                "string $number",
            );
        }
    }

    public function test_what_a_word_processor_or_a_web_page_brings_keeps_its_words_and_loses_the_rest(): void
    {
        $pasted = '<html xmlns:o="urn:x"><head><style>p{color:red}</style></head><body><!--StartFragment--><p '
            .'class="MsoNormal" style="margin:0">A <b style="mso">bold</b> word<o:p></o:p></p>'
            .'<table border="1"><tbody><tr><td width="20" valign="top"><p>Cell</p></td></tr></tbody></table><h3 '
            .'id="x">Head</h3><ul><li>One</li></ul><img src="https://x.example/a.png"></body></html>';

        $html = SafeHtml::clean($pasted);

        self::assertStringContainsString('<p>A ', $html);
        self::assertStringContainsString('<td><p>Cell</p></td>', $html);
        self::assertStringContainsString('<h3>Head</h3>', $html);
        self::assertStringContainsString('<li>One</li>', $html);
        self::assertStringNotContainsString('style', $html);
        self::assertStringNotContainsString('<img', $html);
    }

    public function test_links_lead_only_where_links_may(): void
    {
        self::assertSame(
            '<p><a href="/c/inks">a</a><a href="https://x.example/">b</a><a '
                .'href="mailto:a&#64;b.example">c</a><a>d</a></p>',
            SafeHtml::clean(
                '<p><a href="/c/inks">a</a><a href="https://x.example/">b</a><a href="mailto:a@b.example">c</a><a '
                    .'href="javascript:x()">d</a></p>',
            ),
        );
    }
}
