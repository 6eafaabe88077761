<?php

declare(strict_types=1);

namespace Vestibra\Demo;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Files\Files;
use Vestibra\App\Ground\Files\FileUse;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Releases\Making\OwnContent;
use Vestibra\App\Work\Templates\KeptParts;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Catalogue\Fact;

/** What the demo shop keeps besides its goods: a film, leaflets, a kept part, and one product's own story. */
final readonly class Extras
{
    private const STORY_OF = 'teal-tide-bottled-ink';

    public function __construct(
        private Files $files,
        private FactBook $facts,
        private KeptParts $parts,
        private Templates $templates,
    ) {
    }

    public function add(User $owner): void
    {
        $facts = array_column(
            array_map(static fn (Fact $fact): array => ['name' => $fact->name, 'fact' => $fact], $this->facts->all()),
            'fact',
            'name',
        );
        $film = $this->file(FileUse::Film, __DIR__.'/films/a-line-of-ink.webm', 'A line of ink.webm');
        $captions = $this->file(FileUse::Captions, __DIR__.'/films/a-line-of-ink.vtt', 'A line of ink.vtt');
        $this->files
            ->describe($film, $captions, (int) DB::table('pictures')->where('file', 'like', 'desk-ink-%')->min('id'));
        $inks = $this->leaflet('Filling from a bottle', [
            'Filling from a bottle', '', '1. Turn the piston down.', '2. Dip the whole nib into the ink.',
            '3. Turn it up again, and wipe the nib dry.',
        ]);
        $pens = $this->leaflet('Looking after a nib', [
            'Looking after a nib',
            '',
            'Rinse it with cold water when you change the ink.',
            'Never lend it to somebody who writes with force.',
        ]);
        $leaflets = ['%bottled-ink' => $inks, '%fountain-pen' => $pens];
        foreach ($leaflets as $slug => $file) {
            foreach (DB::table('products')->where('slug', 'like', $slug)->orderBy('id')->limit(40)->pluck(
                'id',
            ) as $id) {
                $this->facts->fill((int) $id, $facts['Leaflet'], [(string) $file]);
            }
        }
        $id = (int) DB::table('products')->where('slug', self::STORY_OF)->value('id');
        $pictures = DB::table('product_pictures')->where('product_id', $id)
            ->orderBy('position')
            ->pluck('picture_id')
            ->all();
        $this->facts->fill($id, $facts['In use'], [(string) end($pictures)]);
        $this->facts->fill($id, $facts['More about it'], ['/c/bottled-inks']);
        $this->facts->fill(
            $id,
            $facts['Also try'],
            array_values(array_map(
                strval(...),
                DB::table('products')->where('slug', 'like', '%fountain-pen')->where('published', true)->orderBy(
                    'id',
                )->limit(3)->pluck('id')->all(),
            )),
        );
        $this->story($facts['Story'], $id, $film, $owner);
        $this->parts->keep(
            'Our promise',
            [
                'kind' => 'band',
                'how' => ['desktop' => ['ground' => 'surface', 'paddingAbove' => 'step-5', 'paddingBelow' => 'step-5']],
                'children' => array_map(
                    static fn (array $note): array => [
                        'kind' => 'column',
                        'children' => [['kind' => 'note', 'what' => ['icon' => $note[0], 'text' => $note[1]]]],
                    ],
                    [['leaf', 'Packed in paper, nothing else'], ['clock', 'On its way the next working day'], [
                        'return',
                        'Thirty days to change your mind',
                    ]],
                ),
            ],
            $owner,
        );
    }

    /** Words, a picture and a film for one ink alone. */
    private function story(Fact $fact, int $productId, int $film, User $owner): void
    {
        $content = $this->templates->content($fact->id, $productId, 'Story of Teal Tide', $owner);
        $tree = [
            'format' => 1,
            'page' => [
                'id' => $content->draft_tree['page']['id'],
                'kind' => 'stage',
                'children' => [
                    ['id' => 'story1', 'kind' => 'heading', 'what' => ['text' => 'How Teal Tide got its name']],
                    [
                        'id' => 'story2',
                        'kind' => 'rich-text',
                        'what' => [
                            'text' => '<p>The first batch dried on a windowsill by the harbour, and went from green '
                                .'to blue with the evening.</p>',
                        ],
                    ],
                    [
                        'id' => 'story3',
                        'kind' => 'film',
                        'what' => ['film' => $film, 'said' => 'A pen writes a long line in teal ink'],
                    ],
                ],
            ],
        ];
        $content->update([
            'draft_tree' => $tree,
            'live_tree' => $tree,
            'live_reach' => $content->draft_reach,
            'live_revision' => $content->draft_revision,
        ]);
        OwnContent::note(Template::query()->findOrFail($content->id));
    }

    /** @param  list<string>  $lines */
    private function leaflet(string $name, array $lines): int
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'leaflet');
        file_put_contents($path, Leaflet::pdf($lines));
        try {
            return $this->file(FileUse::Download, $path, "$name.pdf");
        } finally {
            @unlink($path);
        }
    }

    private function file(FileUse $use, string $path, string $name): int
    {
        $taken = $this->files->take($use, $path, $name);

        return is_int($taken)
            ? $taken
            : throw new \RuntimeException("The demo’s $name could not be taken in: {$taken->code->value}");
    }
}
