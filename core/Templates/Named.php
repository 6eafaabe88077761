<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Templates\Styles\StyleKey;
use Vestibra\Core\Templates\Styles\StyleProperties;

/**
 * What a tree names, read by the types of its settings: the pictures, films, files, facts, products, parts … that stand
 * in it.
 *
 * @api
 */
final readonly class Named
{
    /** @return array<string, array<int, true>> thing => its numbers */
    public static function in(Node $tree, Schema $schema): array
    {
        $named = [];
        foreach ($tree->walk() as $node) {
            foreach (self::ofStyles($node) as [$thing, $number]) {
                $named[$thing][$number] = true;
            }
            foreach ($schema->definition($node->kind)->naming ?? [] as $setting) {
                $value = match ($setting->question) {
                    Question::What => $node->what[$setting->name] ?? null,
                    Question::When => $node->when[$setting->name] ?? null,
                    Question::How => null,
                };
                foreach (self::ofSetting($setting, $value) as [$thing, $number]) {
                    $named[$thing][$number] = true;
                }
            }
        }

        return $named;
    }

    /** @return list<array{string, int}> what the styles of a block name */
    public static function ofStyles(Node $node): array
    {
        $named = [];
        foreach ($node->how as $values) {
            foreach ($values as $name => $value) {
                $type = is_int($value) ? StyleProperties::find(StyleKey::parse($name)->property ?? '')?->type : null;
                $named = $type instanceof NamesThings ? [...$named, ...$type->names($value)] : $named;
            }
        }

        return $named;
    }

    /** @return list<array{string, int}> */
    private static function ofSetting(Setting $setting, mixed $value): array
    {
        $source = Source::of($value);
        $direct = $source === null ? $value : (is_array($value) ? $value['otherwise'] ?? null : null);
        $named = $setting->type instanceof NamesThings ? $setting->type->names($direct) : [];
        $of = Source::numberOf($value);
        if ($source !== null && $of !== null) {
            $named[] = [$source === Source::Option ? 'option' : 'fact', $of];
        }

        return $named;
    }
}
