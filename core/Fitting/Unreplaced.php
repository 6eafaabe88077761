<?php

declare(strict_types=1);

namespace Vestibra\Core\Fitting;

use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\Types\RichText;
use Vestibra\Core\Templates\Types\Text;

/** Blocks that still have the words that they came with, which nobody wrote for this shop. */
final readonly class Unreplaced
{
    /** @return list<Node> from top to bottom */
    public static function in(Node $tree, Schema $schema): array
    {
        $found = [];
        foreach ($tree->walk() as $node) {
            if ($schema->definition($node->kind)?->wordsMayStay === false && self::stands($node, $schema)) {
                $found[] = $node;
            }
        }

        return $found;
    }

    private static function stands(Node $node, Schema $schema): bool
    {
        foreach ($schema->definition($node->kind)?->settings() ?? [] as $setting) {
            $isWords = $setting->question === Question::What && $setting->sourced && ($setting->type instanceof Text || $setting->type instanceof RichText);
            $value = $node->what[$setting->name] ?? $setting->default;
            if ($isWords && $value === $setting->default && is_string($value) && $value !== '') {
                return true;
            }
        }

        return false;
    }
}
