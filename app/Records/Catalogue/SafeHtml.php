<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue;

use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/** Makes rich text safe before it is stored: words, lists, links and headings stay; scripts, styles and frames go. */
final class SafeHtml
{
    private const KEPT = [
        'p', 'br', 'hr', 'strong', 'b', 'em', 'i', 'u', 's', 'small', 'sub', 'sup', 'ul', 'ol', 'li', 'dl', 'dt', 'dd',
        'h2', 'h3', 'h4', 'blockquote',
        'pre', 'code', 'table', 'caption', 'thead', 'tbody', 'tfoot', 'tr', 'th', 'td',
    ];

    /** What goes and leaves its words: the frame of a pasted page, and boxes that only style. */
    private const UNWRAPPED = [
        'html', 'body', 'div', 'span', 'section', 'article', 'main', 'header', 'footer', 'aside', 'nav', 'address',
        'figure', 'figcaption', 'font', 'center',
        'label', 'details', 'summary', 'h1', 'h5', 'h6', 'ins', 'del', 'mark', 'cite', 'abbr', 'time', 'o:p',
    ];

    /** What somebody who writes HTML by hand may use besides. */
    private const BOXES = [
        'div', 'span', 'section', 'article', 'figure', 'figcaption', 'details', 'summary', 'ins', 'del', 'mark', 'cite',
        'abbr', 'time',
    ];

    private static ?HtmlSanitizer $sanitizer = null;

    private static ?HtmlSanitizer $markup = null;

    public static function clean(string $html): string
    {
        return (self::$sanitizer ??= new HtmlSanitizer(self::words()))->sanitize($html);
    }

    /** HTML written by hand: boxes, details and the shop's own pictures stay too. */
    public static function markup(string $html): string
    {
        $safe = (self::$markup ??= new HtmlSanitizer(self::boxes()))->sanitize($html);

        // A picture from elsewhere has lost its address: of it nothing is left to show.
        return (string) preg_replace('~<img(?![^>]*\ssrc=)[^>]*>~', '', $safe);
    }

    private static function boxes(): HtmlSanitizerConfig
    {
        $config = self::words()->allowRelativeMedias()->allowMediaSchemes([])->allowElement('img', [
            'src', 'alt', 'width', 'height', 'loading',
        ]);
        foreach (self::BOXES as $element) {
            $config = $config->allowElement($element);
        }

        return $config->allowElement('a', ['href', 'title'])
            ->allowElement('details', ['open'])
            ->allowElement('time', ['datetime'])
            ->allowElement('abbr', ['title'])
            ->allowElement('td', ['colspan', 'rowspan'])->allowElement('th', ['colspan', 'rowspan', 'scope'])
            ->allowAttribute('lang', '*')
            ->allowAttribute('dir', '*');
    }

    private static function words(): HtmlSanitizerConfig
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

        return $config->allowElement('a', ['href'])
            ->allowElement('td', ['colspan', 'rowspan'])
            ->allowElement('th', ['colspan', 'rowspan', 'scope']);
    }
}
