<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Templates;

use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Source;
use Vestibra\Core\Templates\Types\PictureChoice;

/** A picture of one's own in the place where a page shows the picture of what it is about. */
final readonly class OwnPicture
{
    public function __construct(private Schema $schema)
    {
    }

    /** @return Node|null null where the page shows no picture */
    public function in(Node $node, int $picture): ?Node
    {
        foreach ($this->schema->definition($node->kind)->naming ?? [] as $setting) {
            if (self::shows($setting, $node)) {
                return $node->withValue(Question::What, '', $setting->name, $picture);
            }
        }
        foreach ($node->children as $at => $child) {
            $changed = $this->in($child, $picture);
            if ($changed !== null) {
                return $node->withChildren(array_values(array_replace($node->children, [$at => $changed])));
            }
        }

        return null;
    }

    private static function shows(Setting $setting, Node $node): bool
    {
        return $setting->question === Question::What
            && $setting->type instanceof PictureChoice
            && Source::of($node->what[$setting->name] ?? null) !== null;
    }
}
