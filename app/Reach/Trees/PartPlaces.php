<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Trees;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\TemplateRole;

/**
 * Where shared parts and products' own blocks stand.
 *
 * @phpstan-import-type Place from WhereNamed
 */
final readonly class PartPlaces
{
    public function __construct(private WhereNamed $named)
    {
    }

    /** @return list<Place> the templates that share a part, in their draft or live, by name */
    public function ofPart(int $part): array
    {
        return $this->named->places($part, 'part');
    }

    /** @return list<int> templates of pages whose live tree shares a part */
    public function liveTemplates(int $part): array
    {
        return self::live($this->ofPart($part));
    }

    /** @return list<PageKind> the kinds of pages that share a part */
    public function kinds(int $part): array
    {
        $kinds = [];
        foreach ($this->ofPart($part) as $place) {
            $kind = $place['live'] ? PageKind::tryFrom($place['pageKind']) : null;
            $kinds += $kind === null ? [] : [$kind->value => $kind];
        }

        return array_values($kinds);
    }

    /** @return list<int> templates of pages whose live tree shows a fact's blocks, by itself or in a part */
    public function showing(int $fact): array
    {
        $templates = [];
        foreach ($this->named->places($fact, 'blocks-fact') as $place) {
            if ($place['live']) {
                array_push(
                    $templates,
                    ...($place['role'] === TemplateRole::Part->value
                        ? $this->liveTemplates($place['id'])
                        : [$place['id']]),
                );
            }
        }

        return array_values(array_unique($templates));
    }

    /**
     * @param  list<Place>  $places
     * @return list<int>
     */
    private static function live(array $places): array
    {
        return array_column(
            array_filter($places, static fn (array $place): bool => $place['live']
                && $place['role'] === TemplateRole::Page->value),
            'id',
        );
    }
}
