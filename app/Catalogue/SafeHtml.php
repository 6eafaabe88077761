<?php

declare(strict_types=1);

namespace Vestibra\App\Catalogue;

use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/** Makes rich text safe before it is stored: words, lists, links and headings stay; scripts, styles and frames go. */
final class SafeHtml
{
    public static function clean(string $html): string
    {
        $config = (new HtmlSanitizerConfig)
            ->withMaxInputLength(200_000)
            ->allowLinkSchemes(['https', 'http', 'mailto'])
            ->allowRelativeLinks();
        foreach (['p', 'br', 'strong', 'em', 'ul', 'ol', 'li', 'h3', 'h4', 'blockquote', 'table', 'thead', 'tbody', 'tr', 'th', 'td'] as $element) {
            $config = $config->allowElement($element);
        }

        return (new HtmlSanitizer($config->allowElement('a', ['href'])))->sanitize($html);
    }
}
