<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use BackedEnum;
use Illuminate\Console\Command;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\App\Doors\Shapes\TypeScript;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Edits\EditKinds;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\TreeFormats;

final class TypesCommand extends Command
{
    protected $signature = 'vestibra:types';

    protected $description = 'Writes the names and shapes that the Studio shares with the server as TypeScript types';

    public function handle(Composer $composer): int
    {
        $values = static fn (array $cases): array =>
            array_map(static fn (BackedEnum $case): string => (string) $case->value, $cases);
        $types = [
            'BlockKind' => array_map(
                static fn (Definition $definition): string => $definition->kind,
                $composer->schema->all(),
            ),
            'PageKind' => $values(PageKind::cases()),
            'FactKind' => $values(FactKind::cases()),
            'Question' => $values(Question::cases()),
            'Takes' => $values(ConditionValues::cases()),
            'Thing' => $values(Thing::cases()),
            'WidthName' => $values(Width::cases()),
        ];
        $text = '';
        foreach ($types as $name => $names) {
            $text .= "export type $name = "
                .implode(' | ', array_map(static fn (string $one): string => "'$one'", $names))
                .";\n";
        }
        $text .= "\n/** The kinds of pages that the shop has templates for, in words. */\nexport const pageKinds = "
            .json_encode(self::pageKinds(), JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR)
            ." as const;\n";
        $text .= "\n/** The format in which trees, blocks and edits are written. */\nexport const treeFormat = "
            .TreeFormats::CURRENT
            .";\n";
        $text .= "\n/** From how many pixels on each width begins. */\nexport const widthsFrom = ".json_encode(
            array_combine(
                $values(Width::cases()),
                array_map(static fn (Width $width): int => $width->begins(), Width::cases()),
            ),
            JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR,
        )." as const;\n";
        $text .= "\n/** What is the same of every edit of its kind: its words, and what it decides. */\nexport const "
            .'editKinds = '
            .json_encode(self::editKinds(), JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR)
            ." as const;\n";
        $folder = base_path('studio/generated');
        if (! is_dir($folder)) {
            mkdir($folder, 0o755, true);
        }
        file_put_contents("$folder/names.ts", $text);
        $shapes = new TypeScript(Shapes::ofProject(), array_keys($types));
        file_put_contents(
            "$folder/shapes.ts",
            'import type { '.implode(', ', array_keys($types))." } from './names';\n\n".$shapes->write(),
        );

        return self::SUCCESS;
    }

    /** @return array<string, array{words: string, about: string|null, decides: list<string>}> */
    private static function editKinds(): array
    {
        $kinds = [];
        foreach (EditKinds::standard()->all() as $kind) {
            $kinds[$kind->name] = ['words' => $kind->words, 'about' => $kind->about, 'decides' => $kind->decides];
        }

        return $kinds;
    }

    /** @return array<string, array<string, string|bool>> */
    private static function pageKinds(): array
    {
        $kinds = [];
        foreach (PageAddresses::names() as $name) {
            $kind = PageKind::from($name);
            $subject = PageKinds::standard()->get($kind)->subject();
            $kinds[$name] = [
                'one' => $subject->one(),
                'many' => $subject->many(),
                'page' => $subject->page(),
                'pages' => $subject->pages(),
                'called' => match (true) {
                    $kind->standsOnPages() => "{$name}s",
                    $subject->isSingle() => $subject->page(),
                    default => $subject->pages(),
                },
                'single' => $subject->isSingle(),
            ];
        }

        return $kinds;
    }
}
