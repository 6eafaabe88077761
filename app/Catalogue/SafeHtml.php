<?php

declare(strict_types=1);

namespace Vestibra\App\Catalogue;

use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/** Makes rich text safe before it is stored: words, lists, links and headings stay; scripts, styles and frames go. */
final class SafeHtml
{
    private const KEPT = [
        'p', 'br', 'hr', 'strong', 'b', 'em', 'i', 'u', 's', 'small', 'sub', 'sup', 'ul', 'ol', 'li', 'dl', 'dt', 'dd', 'h2', 'h3', 'h4', 'blockquote',
        'pre', 'code', 'table', 'caption', 'thead', 'tbody', 'tfoot', 'tr', 'th', 'td',
    ];

    /** What goes and leaves its words: the frame of a pasted page, and boxes that only style. */
    private const UNWRAPPED = [
        'html', 'body', 'div', 'span', 'section', 'article', 'main', 'header', 'footer', 'aside', 'nav', 'address', 'figure', 'figcaption', 'font', 'center',
        'label', 'details', 'summary', 'h1', 'h5', 'h6', 'ins', 'del', 'mark', 'cite', 'abbr', 'time', 'o:p',
    ];

    private static ?HtmlSanitizer $sanitizer = null;

    public static function clean(string $html): string
    {
        return (self::$sanitizer ??= self::sanitizer())->sanitize($html);
    }

    private static function sanitizer(): HtmlSanitizer
    {
        $config = (new HtmlSanitizerConfig)
            ->withMaxInputLength(200_000)
            ->allowLinkSchemes(['https', 'http', 'mailto'])
            ->allowRelativeLinks();
        foreach (self::KEPT as $element) {
            $config = $config->allowElement($element);
        }
        foreach (self::UNWRAPPED as $element) {
            $config = $config->blockElement($element);
        }

        return new HtmlSanitizer($config->allowElement('a', ['href']));
    }
}
