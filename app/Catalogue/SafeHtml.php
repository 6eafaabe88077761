<?php

declare(strict_types=1);

namespace Vestibra\App\Catalogue;

use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/** Makes rich text safe before it is stored: words, lists, links and headings stay; scripts, styles and frames go. */
final class SafeHtml
{
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
        foreach (['p', 'br', 'strong', 'em', 'ul', 'ol', 'li', 'h3', 'h4', 'blockquote', 'table', 'thead', 'tbody', 'tr', 'th', 'td'] as $element) {
            $config = $config->allowElement($element);
        }

        return new HtmlSanitizer($config->allowElement('a', ['href']));
    }
}
