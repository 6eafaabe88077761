<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use ArrayObject;
use LogicException;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Styling\StyleGroup;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Styles\StyleKey;
use Vestibra\Core\Templates\Styles\StyleProperties;
use Vestibra\Core\Templates\Types\AnotherSubject;
use Vestibra\Core\Templates\Types\CardChoice;
use Vestibra\Core\Templates\Types\Conditions;
use Vestibra\Core\Templates\Types\Days;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;
use Vestibra\Core\Templates\Types\Widths;

/**
 * What a kind of block is: its place in the tree, its settings, its place on the shelf.
 *
 * @shape Definition array{kind: BlockKind, name: string, shelf: string|null, role: string, accepts: string|null,
 *     searchWords: string, subjects: list<string>, aroundPages: bool, essential: string|null, another: string|null,
 *     filledWith: 'part'|'own-blocks'|null, onCards: bool, pieces: list<Piece>, settings: list<Setting>,
 *     starters: list<array{name: string, node: NewNode, drawing: string|null}>, drawing: string}
 *
 * @api
 */
final readonly class Definition
{
    /** @var array<string, Setting> by question and name, as `how.colour` */
    private array $settings;

    /** @var list<Setting> whose values may name things of the shop, by themselves or by their source */
    public array $naming;

    /** @var list<Setting> styles that narrower widths take over with a limit */
    public array $eased;

    /** @var list<Piece> the block itself first */
    public array $pieces;

    /** @var array<string, Piece> */
    private array $byPiece;

    /** @var ArrayObject<string, Setting|false> styles of pieces by name; false for what is none */
    private ArrayObject $styles;

    private ?Setting $another;

    /**
     * @param  string  $kind  in stored trees, such as `short-description`
     * @param  string  $name  in the interface
     * @param  Shelf|null  $shelf  null: not on the shelf
     * @param  Role|null  $accepts  the role of its children; null: it has none
     * @param  list<Setting>  $settings
     * @param  list<Starter>  $starters  what the shelf inserts; without any, a bare block
     * @param  list<SubjectKind>  $subjects  what a page has to be about for it; none: anything
     * @param  Essential|null  $essential  what the page cannot do without, and this is
     * @param  array<string, string|bool>  $essentialWhile  it is that only while this setting has this value
     * @param  int|null  $headingLevel  of the heading that it brings where it has a title
     * @param  bool  $wordsMayStay  whether the words that it comes with stand for themselves
     * @param  FilledWith|null  $filledWith  what is kept elsewhere and stands in it
     * @param  bool  $listsProducts  whether it shows the products of the page
     * @param  bool  $followsList  whether it shows something else when the products of the page are narrowed or put in
     *     another order; what a page cannot do without does so while it is that
     * @param  bool  $readsList  whether it reads the products of the page though it shows the same when they are
     *     narrowed
     * @param  list<string>  $messages  families of what it says to customers of its own accord, such as `price`
     * @param  bool  $showsAllFacts  whether it shows every fact of a product, with its files
     * @param  bool  $onCards  whether it may stand on a card; not what asks the shop for more than the product itself
     * @param  list<Piece>  $pieces  parts of it that can be styled on their own
     * @param  bool  $sells  whether customers can buy with it
     * @param  bool  $narrow  whether it is no wider than reads with ease
     * @param  list<StyleGroup>|null  $whole  what can be styled about the block itself; null: what its role takes
     * @param  Alike|null  $alike  it shows the same on every page and to everybody; null where it does not
     * @param  string  $roomIn  what stands right in the block and takes its room inside; empty where it has that room
     *     itself
     *
     * @throws LogicException when two settings or two pieces have one name
     */
    public function __construct(
        public string $kind,
        public string $name,
        public ?Shelf $shelf,
        array $settings = [],
        public Role $role = Role::Block,
        public ?Role $accepts = null,
        public array $starters = [],
        public string $searchWords = '',
        public array $subjects = [],
        public ?Essential $essential = null,
        public array $essentialWhile = [],
        public ?int $headingLevel = null,
        public ?WordsRoom $room = null,
        public bool $wordsMayStay = false,
        public ?FilledWith $filledWith = null,
        public bool $listsProducts = false,
        public bool $followsList = false,
        private bool $readsList = false,
        public bool $showsAllFacts = false,
        public array $messages = [],
        public bool $onCards = true,
        array $pieces = [],
        ?array $whole = null,
        bool $narrow = false,
        public bool $sells = false,
        string $roomIn = '',
        private ?Alike $alike = null,
    ) {
        $common = $role === Role::Page ? [] : [
            Setting::what('called', 'Called', new Text(60), ''),
            Setting::when('off', 'Switched off', new Toggle, false),
            Setting::when('widths', 'On', new Widths, ['desktop', 'tablet', 'phone']),
            Setting::when('where', 'Only where', new Conditions, []),
            Setting::when('days', 'On the days', new Days, []),
        ];
        $byName = [];
        foreach ([...$settings, ...$common] as $setting) {
            $key = self::key($setting->question, $setting->name);
            if (isset($byName[$key])) {
                throw new LogicException("The kind $kind declares $key twice.");
            }
            $byName[$key] = $setting;
        }
        $this->settings = $byName;
        $this->naming = array_values(
            array_filter($byName, static fn (Setting $one): bool => $one->type instanceof NamesThings || $one->sourced),
        );
        $this->eased = array_values(array_filter($byName, static fn (Setting $one): bool => $one->eased !== []));
        $others = array_values(
            array_filter($byName, static fn (Setting $one): bool => $one->type instanceof AnotherSubject),
        );
        $this->another = $others[0] ?? null;
        $itself = Piece::whole(
            $name,
            $whole ?? self::ofRole($role),
            ...$role === Role::Page && $whole === null ? [] : [PieceState::Hovered],
        );
        $itself = $itself->withRoomIn($roomIn);
        $this->pieces = [$narrow ? $itself->narrow() : $itself, ...$pieces];
        $this->byPiece = array_column($this->pieces, null, 'name');
        /** @var ArrayObject<string, Setting|false> $styles */
        $styles = new ArrayObject;
        $this->styles = $styles;
        if (count($this->byPiece) !== count($this->pieces)) {
            throw new LogicException("The kind $kind has two pieces of one name.");
        }
    }

    /** A setting that it declares itself, or the style of one of its pieces. */
    public function setting(Question $question, string $name): ?Setting
    {
        return $this->own($question, $name) ?? ($question === Question::How ? $this->style($name) : null);
    }

    /** A setting that it declares itself. */
    public function own(Question $question, string $name): ?Setting
    {
        return $this->settings[self::key($question, $name)] ?? null;
    }

    public function piece(string $name): ?Piece
    {
        return $this->byPiece[$name] ?? null;
    }

    /** Made once for each name: a page asks for the same ones over and over. */
    private function style(string $name): ?Setting
    {
        if (! $this->styles->offsetExists($name)) {
            $this->styles[$name] = $this->makeStyle($name) ?? false;
        }

        return $this->styles[$name] ?: null;
    }

    private function makeStyle(string $name): ?Setting
    {
        $key = StyleKey::parse($name);
        $property = $key === null ? null : StyleProperties::find($key->property);
        $piece = $key === null ? null : $this->piece($key->piece);
        if ($key === null
            || $property === null
            || $piece === null
            || ! $piece->takes($property, $key->state)
            || $this->own(Question::How, $key->property) !== null && $piece->name === Piece::WHOLE) {
            return null;
        }
        $of = $piece->name === Piece::WHOLE ? $property->label : "$piece->label, ".lcfirst($property->label);

        return Setting::style(
            $name,
            $of.($key->state === PieceState::Usual ? '' : ", {$key->state->value}"),
            $property->type,
        );
    }

    /** @return list<StyleGroup> */
    private static function ofRole(Role $role): array
    {
        return match ($role) {
            Role::Page, Role::Band => [StyleGroup::Text, StyleGroup::Box],
            Role::Column => [StyleGroup::Text, StyleGroup::Box, StyleGroup::Movement],
            Role::Block => [
                StyleGroup::Text, StyleGroup::Box, StyleGroup::Size, StyleGroup::Movement, StyleGroup::Place,
            ],
            default => [StyleGroup::Text, StyleGroup::Box],
        };
    }

    /** What a page cannot do without, and a block of this kind is as it is set. */
    public function essentialOf(Node $node): ?Essential
    {
        foreach ($this->essentialWhile as $name => $value) {
            if (($node->what[$name] ?? $this->setting(Question::What, $name)?->default) !== $value) {
                return null;
            }
        }

        return $this->essential;
    }

    /**
     * Whether a block, as it is set, shows the same on every page and to everybody; what is taken from a source, or
     * stands only where something holds, does not.
     */
    public function isAlike(Node $node): bool
    {
        return $this->alike?->holds($node) === true
            && ! isset($node->when['where'])
            && array_filter($node->what, static fn (mixed $value): bool => Source::of($value) !== null) === [];
    }

    /** Whether a block, as it is set, shows something else when the products of the page are others. */
    public function follows(Node $node): bool
    {
        return $this->followsList && ($this->essential === null || $this->essentialOf($node) !== null);
    }

    /** Whether a block, as it is set, reads the products of the page. */
    public function reads(Node $node): bool
    {
        return $this->readsList || $this->follows($node);
    }

    /**
     * Whether it says something on a page about such a subject; around any page, whether it leaves to the page what is
     * its own.
     */
    public function fits(SubjectKind $subject): bool
    {
        return $subject === SubjectKind::AnyPage
            ? ! (
                ! in_array($this->essential, [null, Essential::Cart], true)
                    || $this->listsProducts
                    || $this->followsList
            )
            && ($this->subjects === [] || in_array($subject, $this->subjects, true))
            : $this->subjects === [] || in_array($subject, $this->subjects, true);
    }

    /** The setting by which its blocks may be about something else than the page. */
    public function another(): ?Setting
    {
        return $this->another;
    }

    /** The number of what a block's inside is about, where the owner chose something else than the page is about. */
    public function anotherOf(Node $node): ?int
    {
        $number = $this->another === null ? null : $node->what[$this->another->name] ?? null;

        return is_int($number) ? $number : null;
    }

    /**
     * Whether blocks may stand in it that its tree does not hold: those of a card, of a kept part or of another
     * product.
     */
    public function bringsOthers(): bool
    {
        return $this->filledWith !== null || $this->another !== null
            || array_filter($this->naming, static fn (Setting $one): bool => $one->type instanceof CardChoice) !== [];
    }

    /** @return list<Setting> */
    public function settings(): array
    {
        return array_values($this->settings);
    }

    /** @return array<string, mixed> */
    public function describe(Messages $messages): array
    {
        return [
            'kind' => $this->kind,
            'name' => $this->name,
            'shelf' => $this->shelf?->value,
            'role' => $this->role->value,
            'accepts' => $this->accepts?->value,
            'searchWords' => $this->searchWords,
            'subjects' => array_column($this->subjects, 'value'),
            'aroundPages' => $this->fits(SubjectKind::AnyPage),
            'essential' => $this->essential?->value,
            'another' => $this->another()?->name,
            'filledWith' => $this->filledWith?->value,
            'onCards' => $this->onCards,
            'pieces' => array_map(static fn (Piece $piece): array => $piece->describe(), $this->pieces),
            'settings' => array_map(
                static fn (Setting $setting): array => $setting->describe($messages),
                $this->settings(),
            ),
            'starters' => array_map(
                static fn (Starter $starter): array =>
                    ['name' => $starter->name, 'node' => $starter->node, 'drawing' => $starter->drawing],
                $this->starters === [] ? [new Starter($this->name, ['kind' => $this->kind])] : $this->starters,
            ),
        ];
    }

    private static function key(Question $question, string $name): string
    {
        return "$question->value.$name";
    }
}
