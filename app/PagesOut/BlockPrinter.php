<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Illuminate\Contracts\View\Factory;
use Illuminate\Support\HtmlString;
use Illuminate\Support\Str;
use Illuminate\View\Engines\CompilerEngine;
use Psr\Log\LoggerInterface;
use Throwable;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\Core\Composing\ComposedNode;

/**
 * Prints composed blocks through their views. On the canvas a block without anything to show leaves an empty mark that
 * says why; in the shop it leaves nothing, or, where it may come back with other products, a place for it.
 */
final class BlockPrinter
{
    /** @var array<string, string> the compiled view of each kind, once it has been printed */
    private array $compiled = [];

    /** @param  list<string>  $holders kinds that hold blocks */
    public function __construct(
        private readonly Factory $views,
        private readonly CompilerEngine $blade,
        private readonly LoggerInterface $log,
        private readonly string $folder,
        private readonly array $holders,
        private readonly ShopMessages $messages,
    ) {
    }

    public function print(ComposedNode $node, bool $canvas): string
    {
        return $this->node($node, $canvas, null, false);
    }

    /**
     * @param  int|null  $line  of a block right on a card: what has the same stands on common lines across a row
     * @param  bool  $isCard  whether its own blocks have lines
     */
    private function node(ComposedNode $node, bool $canvas, ?int $line, bool $isCard): string
    {
        if ($node->absent !== null && ! ($canvas && $this->holdsBlocks($node))) {
            return $canvas
                ? $this->mark($node->id, $node->absent)
                : ($node->follows ? '<template data-b="'.e($node->id).'" data-part></template>' : '');
        }
        $slot = '';
        foreach ($node->children as $at => $child) {
            $slot .= $this->node($child, $canvas, $isCard ? $at + 1 : null, false);
        }
        foreach ($node->cards as $card) {
            $slot .= $this->node($card, $canvas, null, true);
        }
        try {
            return $this->view($node->kind, [
                '__env' => $this->views,
                'id' => $node->id,
                'root' => $this->root($node, $canvas, $line),
                'lines' => count($node->children),
                'd' => $node->data,
                'slot' => new HtmlString($slot),
                ...$this->messages->forViews(),
            ]);
        } catch (Throwable $error) {
            $this->log->error("The block $node->id ($node->kind) could not be printed.", ['exception' => $error]);

            return $canvas ? $this->mark($node->id, 'this block failed') : '';
        }
    }

    /** What holds blocks stays on the canvas when empty, so that something can be put in them. */
    private function holdsBlocks(ComposedNode $node): bool
    {
        return in_array($node->kind, $this->holders, true) && ! $node->wanted;
    }

    private function mark(string $id, string $why): string
    {
        return '<div data-b="'.e($id).'" data-absent="'.e($why).'"></div>';
    }

    private function root(ComposedNode $node, bool $canvas, ?int $line): HtmlString
    {
        $stands = $line === null ? '' : " data-line=\"$line\"";
        $absent = $node->absent === null ? '' : ' data-absent="'.e($node->absent).'"';

        $part = $node->follows && ! $canvas ? ' data-part' : '';
        $note = $canvas && $node->note !== null ? ' data-note="'.e($node->note).'"' : '';

        return new HtmlString(
            'data-b="'.e($node->id).'"'.($node->mark === null ? '' : " $node->mark").$stands.$part.$absent.$note,
        );
    }

    /**
     * The first of a kind through the engine, which sees to it that the view is compiled; the others straight from what
     * it compiled: cards have hundreds.
     *
     * @param  array<string, mixed>  $data
     *
     * @throws Throwable
     */
    private function view(string $kind, array $data): string
    {
        if (! isset($this->compiled[$kind])) {
            $view = $this->folder.'/'.Str::studly($kind).'/view.blade.php';
            $html = $this->blade->get($view, $data);
            $this->compiled[$kind] = $this->blade->getCompiler()->getCompiledPath($view);

            return $html;
        }
        $level = ob_get_level();
        ob_start();
        try {
            self::run($this->compiled[$kind], $data);
        } catch (Throwable $error) {
            while (ob_get_level() > $level) {
                ob_end_clean();
            }
            throw $error;
        }

        return ltrim((string) ob_get_clean());
    }

    /** @param  array<string, mixed>  $__data */
    private static function run(string $__path, array $__data): void
    {
        extract($__data, EXTR_SKIP);

        require $__path;
    }
}
