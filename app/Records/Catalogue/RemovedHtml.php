<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue;

use DOMElement;
use Masterminds\HTML5;

/** What went when HTML was made safe, so that somebody who wrote it is told rather than left to wonder. */
final class RemovedHtml
{
    private const MOST = 20;

    /** @return list<string> as `<script>`, `onclick of <p>`; each once */
    public static function between(string $written, string $safe): array
    {
        $gone = [];
        $left = self::parts($safe);
        foreach (self::parts($written) as $part => $times) {
            if ($times > ($left[$part] ?? 0)) {
                $gone[] = $part;
            }
        }

        return array_slice($gone, 0, self::MOST);
    }

    /** @return array<string, int> how often each tag, and each attribute of one, stands in it */
    private static function parts(string $html): array
    {
        $parts = [];
        $walk = static function (\DOMNode $node) use (&$walk, &$parts): void {
            if ($node instanceof DOMElement) {
                $tag = "<$node->nodeName>";
                $parts[$tag] = ($parts[$tag] ?? 0) + 1;
                foreach ($node->attributes as $attribute) {
                    $name = "$attribute->nodeName of $tag".(
                        $attribute->nodeName === 'href' || $attribute->nodeName === 'src'
                            ? ': '.mb_substr($attribute->nodeValue ?? '', 0, 60)
                            : ''
                    );
                    $parts[$name] = ($parts[$name] ?? 0) + 1;
                }
            }
            foreach ($node->childNodes as $child) {
                $walk($child);
            }
        };
        $walk((new HTML5(['disable_html_ns' => true]))->loadHTMLFragment($html));

        return $parts;
    }
}
