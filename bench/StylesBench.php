<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use RuntimeException;
use Vestibra\App\PagesOut\ShopAddresses;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Styling;
use Vestibra\Core\Styling\StyleMarks;
use Vestibra\Core\Styling\StyleSheet;
use Vestibra\Core\Templates\Ids;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TreeReader;

/**
 * The styles of the page for writing sets, compressed, against the same styles written by hand
 * (`opponents/writing-sets.css`).
 */
final readonly class StylesBench
{
    public function __construct(private Composer $composer, private Ids $ids)
    {
    }

    /** @return list<array<string, mixed>> */
    public function run(): array
    {
        $page = (new TreeReader($this->composer->schema, $this->ids))
            ->parseTree(['format' => TreeReader::FORMAT, 'page' => self::page()]);
        if (! $page instanceof Node) {
            throw new RuntimeException('The page for writing sets was not read: '.$page[0]->path);
        }
        $sheet = new StyleSheet(StyleMarks::short());
        $styling = new Styling($sheet, $this->composer->schema);
        foreach ($page->walk() as $node) {
            $definition = $this->composer->schema->definition($node->kind);
            if ($definition !== null) {
                $styling->of($node, $definition, [], new ShopAddresses);
            }
        }
        // As small as it would be sent.
        $byHand = (string) preg_replace(
            ['/\s+/', '/ ?([{};,]) ?/', '/: /', '/;}/'],
            [' ', '$1', ':', '}'],
            (string) file_get_contents(__DIR__.'/opponents/writing-sets.css'),
        );
        [$ours, $theirs] = array_map(
            static fn (string $css): int => strlen((string) gzencode($css, 9)),
            [$sheet->css(), $byHand],
        );

        return [[
            'what' => 'styles of the page for writing sets, bytes compressed',
            'ratio' => round($ours / $theirs, 2),
            'goal' => 'at most 1.2',
            'ours' => $ours,
            'theirs' => $theirs,
        ]];
    }

    /**
     * @return array<string, mixed> as the owner makes it in the browser test of the same name, with what is otherwise
     *     on the phone
     */
    private static function page(): array
    {
        $styled = static fn (string $kind, array $desktop, array $more = []): array =>
            ['kind' => $kind, 'how' => ['desktop' => $desktop]] + $more;
        $note = $styled('note', ['ground' => 'surface', 'padding' => 20, 'corner' => 8, 'rise:hovered' => 4], [
            'when' => ['widths' => ['desktop', 'tablet']],
        ]);

        return ['id' => 'nb41e2a7c90', 'kind' => 'page', 'children' => [['kind' => 'band', 'children' => [
            $styled('column', ['share' => 3], ['children' => [
                ['kind' => 'title', 'how' => ['phone' => ['size' => 22]]],
                $styled('rating', ['empty.colour' => 'surface']),
                $styled('price', ['now.weight' => '700', 'was.size' => 14, 'was.colour' => 'quiet']),
                $styled('text', [
                    'line' => 1, 'paddingAbove' => 8, 'paddingBelow' => 8, 'paddingLeft' => 12, 'paddingRight' => 12,
                    'corner' => 4,
                ]),
                $styled(
                    'variant-picker',
                    ['label.size' => 18, 'value.ground:chosen' => 'accent', 'value.colour:chosen' => 'on-accent'],
                ),
                $styled('buy', ['wide' => true, 'button.ground:hovered' => 'ink']),
                $note,
                $note,
            ]]),
            $styled('column', ['share' => 7, 'staysInView' => true], ['children' => [['kind' => 'gallery']]]),
        ]], ['kind' => 'band', 'children' => [['kind' => 'column', 'children' => [
            $styled('accordion', ['summary.colour:chosen' => 'sale']),
            // As the root of the card that its grid shows.
            $styled('holder', ['shadow' => 'shadow-soft', 'padding' => 20, 'corner' => 10]),
        ]]]]]];
    }
}
