<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Composing\Places\Box;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Composing\Places\Standing;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Source;
use Vestibra\Core\Templates\Types\Links;
use Vestibra\Core\Templates\Types\Rule;

/**
 * A block's own values with its defaults behind them and its sources filled from the page's subject.
 *
 * @phpstan-import-type LinkLine from Links
 *
 * @api
 */
final readonly class Settings
{
    public function __construct(
        private Node $node,
        private Definition $definition,
        private Context $context,
        private ?Standing $stands = null,
    ) {
    }

    /** How wide the block itself is. */
    public function outer(): Place
    {
        return $this->stands?->outer() ?? Place::window();
    }

    /** What is set of a style at a width, there or for a wider one; null where nothing is. */
    public function held(string $name, Width $width): mixed
    {
        return $this->node->holding($name, $width);
    }

    /**
     * What it has for what stands in it.
     *
     * @param  string  $piece  of a piece of it that takes all of the block
     */
    public function room(string $piece = ''): Place
    {
        $inner = $this->stands?->inside() ?? Place::window();
        $box = new Box($this->node, $this->context->house, $piece);

        return $piece === '' ? $inner : $box->inner($box->outer($inner));
    }

    /** @return string empty where nothing but spaces is left */
    public function text(string $name): string
    {
        $value = $this->value($name);
        $source = Source::of($value);
        $words = is_string($value) ? $value : '';
        if ($source !== null) {
            $filled = $this->sources()->words($source, Source::numberOf($value));
            $words = $filled === '' ? self::otherwise($value) : $filled;
        }

        return preg_match('/\S/u', $words) === 1 ? $words : '';
    }

    /** What can be pressed or opened is never without words: where nobody left any, those that the block came with. */
    public function named(string $name): string
    {
        $words = $this->text($name);
        $own = $this->own($name);

        return $words === '' && is_string($own) ? $own : $words;
    }

    /** Words with their marks, made safe. Plain words become paragraphs. */
    public function rich(string $name): string
    {
        $value = $this->value($name);
        $source = Source::of($value);
        $html = $source === null ? $value : $this->sources()->html($source, Source::numberOf($value));
        $html = is_string($html) && $html !== '' ? $html : self::otherwise($value);

        return FactValue::plain($html) === '' && stripos($html, '<img') === false
            ? ''
            : $this->context->shop->safe($this->sources()->withValues($html));
    }

    /** HTML as somebody wrote it, made safe; empty when nothing that shows is left. */
    public function markup(string $name): string
    {
        $value = $this->value($name);
        $safe = is_string($value) ? $this->context->shop->safeMarkup($value) : '';

        return trim(strip_tags($safe, ['img', 'hr', 'table'])) === '' ? '' : $safe;
    }

    /** @return string an address; empty for none */
    public function link(string $name): string
    {
        $value = $this->value($name);
        $source = Source::of($value);
        $link = $source === null ? $value : $this->sources()->link($source, Source::numberOf($value));

        return is_string($link) && $link !== '' ? $link : self::otherwise($value);
    }

    public function bool(string $name): bool
    {
        return $this->value($name) === true;
    }

    /** A number from a fact that the setting does not take counts as none. */
    public function amount(string $name): int
    {
        $value = $this->value($name);
        $setting = $this->definition->setting(Question::What, $name);
        $source = Source::of($value);
        if ($source !== null) {
            $filled = $this->sources()->number(Source::numberOf($value) ?? 0);
            $otherwise = is_array($value) ? $value['otherwise'] ?? $setting?->default : null;
            $value = $filled !== null && $setting?->type->problem($filled) === null ? $filled : $otherwise;
        }

        return is_int($value) ? $value : 0;
    }

    /** @return int|null the number of the thing that a setting names */
    public function number(string $name): ?int
    {
        $value = $this->value($name);

        return is_int($value) && $value > 0 ? $value : null;
    }

    /** @return list<string> of a setting that takes several */
    public function several(string $name): array
    {
        $value = $this->value($name);

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    /** @return list<int> of a setting that takes products */
    public function ids(string $name): array
    {
        $value = $this->value($name);

        return is_array($value) ? array_values(array_filter($value, is_int(...))) : [];
    }

    /** @return list<LinkLine> of a setting that takes links */
    public function links(string $name): array
    {
        return Links::read($this->value($name));
    }

    /** @return Reach|null null for all products */
    public function rule(string $name): ?Reach
    {
        $value = $this->value($name);

        return $value === null ? null : Rule::read($value);
    }

    public function picture(string $name): ?Picture
    {
        $value = $this->value($name);
        $source = Source::of($value);
        $chosen = $source === null ? $value : (is_array($value) ? $value['otherwise'] ?? null : null);

        return ($source === null ? null : $this->sources()->picture($source, Source::numberOf($value)))
            ?? (is_int($chosen) ? $this->context->pictures[$chosen] ?? null : null);
    }

    /** Why a setting came out empty, in the shopkeeper's words. */
    public function nothing(string $name, string $typed): string
    {
        $value = $this->value($name);
        $source = Source::of($value);

        return $source === null
            ? $typed
            : "this {$this->context->subject->kind()->one()} has no "
            .$this->sources()->name($source, Source::numberOf($value));
    }

    /** Made where a value comes from one: most are typed in. */
    private function sources(): Sources
    {
        return new Sources($this->context);
    }

    private function value(string $name): mixed
    {
        return $this->node->what[$name] ?? $this->own($name);
    }

    /** What stands there while nobody set it. */
    private function own(string $name): mixed
    {
        $setting = $this->definition->setting(Question::What, $name);

        return $setting?->says === null ? $setting?->default : $this->context->messages->say($setting->says);
    }

    private static function otherwise(mixed $value): string
    {
        $otherwise = is_array($value) ? $value['otherwise'] ?? '' : '';

        return is_string($otherwise) ? $otherwise : '';
    }
}
