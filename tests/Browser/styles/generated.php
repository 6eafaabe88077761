<?php

declare(strict_types=1);

// Styles set at random about the pieces of all kinds of blocks, as the CSS that a page would have, and what holds by
// the core. One argument: the seed. Prints JSON.

require dirname(__DIR__, 3).'/vendor/autoload.php';

use Vestibra\Blocks\Kinds;
use Vestibra\Core\Composing\PieceCss;
use Vestibra\Core\Composing\Styling;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Styling\Resolved;
use Vestibra\Core\Styling\StyleMarks;
use Vestibra\Core\Styling\StyleSheet;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Styles\StyleKey;
use Vestibra\Core\Templates\Styles\StyleProperties;
use Vestibra\Tests\Core\Blocks\Pages;

mt_srand((int) ($argv[1] ?? 1));
$pick = static fn (array $of): mixed => array_values($of)[mt_rand(0, count($of) - 1)];
$colours = [...HouseStyle::roles(), 'none', 'ink/40', 'accent/7', '#1f7a7a', '#1f7a7a80'];
$value = static function (array $type) use ($pick, $colours): mixed {
    return match ($type['type']) {
        'colour' => $pick($colours),
        'choice', 'shadow',
        'proportion' => mt_rand(0, 2) > 0 ? $pick($type['options'])['value'] : ($type['type'] === 'shadow'
            ? '0 '.mt_rand(0, 12).' '.mt_rand(0, 30).' -2 ink/14'
            : $pick($type['options'])['value']),
        'amount' => mt_rand($type['min'], $type['max']),
        'picture' => $pick(['none', 7]),
        'extent' => $pick(['fill', 'content', '40%', '320px']),
        'measure' => (static function () use ($type, $pick): mixed {
            $unit = $pick(array_keys($type['units']));
            [$least, $most] = $type['units'][$unit];

            return match (true) {
                $type['scale'] === 'step' && mt_rand(0, 3) === 0 => 'step-'.mt_rand(0, 8),
                $type['scale'] === 'size' && mt_rand(0, 3) === 0 => 'size-'.mt_rand(0, 7),
                $unit === 'px' => mt_rand((int) $least, min((int) $most, 60)),
                default => round($least + ($most - $least) * mt_rand(0, 100) / 100, 2).$unit,
            };
        })(),
        default => throw new LogicException($type['type']),
    };
};

$schema = Kinds::composer()->schema;
$pieces = [];
foreach ($schema->all() as $definition) {
    foreach ($definition->pieces as $piece) {
        // Cells stand in tables alone.
        $plain = preg_match('/^(?:> )?(?:\.?[a-z][a-z0-9-]*)?$/D', $piece->selector) === 1;
        if ($plain && ! in_array($piece->selector, ['td', 'th'], true)) {
            $pieces[] = [$definition, $piece];
        }
    }
}
$sheet = new StyleSheet(StyleMarks::lasting());
$styling = new Styling($sheet, $schema);
$cases = [];
$declarations = 0;
while ($declarations < 1000) {
    [$definition, $piece] = $pick($pieces);
    $how = $own = [];
    $resolved = new Resolved(StyleProperties::parts());
    for ($at = mt_rand(3, 9); $at > 0; $at--) {
        $property = $pick(
            array_filter(StyleProperties::all(), static fn ($one): bool => in_array($one->group, $piece->groups, true)),
        );
        $state = $pick(array_filter(
            [PieceState::Usual, PieceState::Usual, PieceState::Hovered, PieceState::Focused, PieceState::Pressed],
            static fn (PieceState $one): bool => $piece->takes($property, $one),
        ));
        $key = StyleKey::of($piece->name, $property->name, $state);
        $given = $value($property->type->describe());
        if ($definition->own(Vestibra\Core\Templates\Question::How, $key) !== null
            || $definition->setting(Vestibra\Core\Templates\Question::How, $key)?->type->problem($given) !== null) {
            continue;
        }
        $width = $pick(Width::cases());
        $how[$width->value][$key] = $given;
        $resolved->set($property->name, $state, $width, $property->type->css($given));
        $declarations++;
    }
    $id = 'c'.count($cases);
    $styling->of(new Node($id, $definition->kind, how: $how), $definition, [7 => Pages::pictureNumber(7)], new Pages);
    $css = new PieceCss($resolved, $piece);
    $holds = [];
    foreach ($resolved->states() as $state) {
        foreach (Width::cases() as $width) {
            $all = $css->at($state, $width);
            // What stands right in a piece may take the room inside for it.
            $room = $piece->roomIn === '' ? [] : array_filter(
                $all,
                static fn (string $property): bool => str_starts_with($property, 'padding-'),
                ARRAY_FILTER_USE_KEY,
            );
            $holds[] = [
                'state' => $state->value,
                'width' => $width->value,
                'css' => (object) array_diff_key($all, $room),
                'room' => (object) $room,
            ];
        }
    }
    $cases[] = [
        'id' => $id,
        'kind' => $definition->kind,
        'selector' => $piece->selector,
        'roomIn' => $piece->roomIn,
        'how' => $how,
        'holds' => $holds,
    ];
}

echo json_encode(
    [
        'house' => HouseStyle::standard()->css(),
        'css' => $sheet->css(),
        'cases' => $cases,
        'declarations' => $declarations,
    ],
    JSON_THROW_ON_ERROR,
);
