<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use LogicException;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\AnotherSubject;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Conditions;
use Vestibra\Core\Templates\Types\Days;
use Vestibra\Core\Templates\Types\Extent;
use Vestibra\Core\Templates\Types\Overlap;
use Vestibra\Core\Templates\Types\Step;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;
use Vestibra\Core\Templates\Types\Widths;

/**
 * What a kind of block is: its place in the tree, its settings, its place on the shelf.
 *
 * @shape Definition array{kind: BlockKind, name: string, shelf: string|null, role: string, accepts: string|null, searchWords:
 *     string, subjects: list<string>, essential: string|null, another: string|null, filledWith: 'part'|'own-blocks'|null, onCards: bool,
 *     settings: list<Setting>, starters: list<array{name: string, node: NewNode, drawing: string|null}>, drawing: string}
 */
final readonly class Definition
{
    /** @var array<string, Setting> by question and name, as `how.colour` */
    private array $settings;

    /** @var list<Setting> whose values may name things of the shop, by themselves or by their source */
    public array $naming;

    /** @var list<Setting> styles that narrower widths take over with a limit */
    public array $eased;

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
     * @param  list<string>  $messages  families of what it says to customers of its own accord, such as `price`
     * @param  bool  $showsAllFacts  whether it shows every fact of a product, with its files
     * @param  bool  $onCards  whether it may stand on a card; not what asks the shop for more than the product itself
     *
     * @throws LogicException when two settings have one name
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
        public bool $showsAllFacts = false,
        public array $messages = [],
        public bool $onCards = true,
    ) {
        $common = $role === Role::Page ? [] : [
            Setting::what('called', 'Called', new Text(60), ''),
            Setting::when('off', 'Switched off', new Toggle, false),
            Setting::when('widths', 'On', new Widths, ['desktop', 'tablet', 'phone']),
            Setting::when('where', 'Only where', new Conditions, []),
            Setting::when('days', 'On the days', new Days, []),
        ];
        if ($role === Role::Block) {
            array_unshift(
                $common,
                Setting::how('spaceAbove', 'Space above', new Step, 'margin-top'),
                Setting::how('overlap', 'Stands over', new Overlap, 'margin-top'),
                Setting::how('layer', 'Layer', new Amount(0, 9, ''), 'z-index'),
                Setting::how('ownWidth', 'Width', new Extent, 'width'),
                Setting::how('place', 'Place', new Choice(['flex-start' => 'left', 'center' => 'in the middle', 'flex-end' => 'right']), 'align-self'),
            );
        }
        $byName = [];
        foreach ([...$settings, ...$common] as $setting) {
            $key = self::key($setting->question, $setting->name);
            if (isset($byName[$key])) {
                throw new LogicException("The kind $kind declares $key twice.");
            }
            $byName[$key] = $setting;
        }
        $this->settings = $byName;
        $this->naming = array_values(array_filter($byName, static fn (Setting $one): bool => $one->type instanceof Names || $one->sourced));
        $this->eased = array_values(array_filter($byName, static fn (Setting $one): bool => $one->eased !== []));
        $others = array_values(array_filter($byName, static fn (Setting $one): bool => $one->type instanceof AnotherSubject));
        $this->another = $others[0] ?? null;
    }

    public function setting(Question $question, string $name): ?Setting
    {
        return $this->settings[self::key($question, $name)] ?? null;
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

    /** Whether it says something on a page about such a subject. */
    public function fits(SubjectKind $subject): bool
    {
        return $this->subjects === [] || in_array($subject, $this->subjects, true);
    }

    /** The setting by which its blocks may be about something else than the page. */
    public function another(): ?Setting
    {
        return $this->another;
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
            'essential' => $this->essential?->value,
            'another' => $this->another()?->name,
            'filledWith' => $this->filledWith?->value,
            'onCards' => $this->onCards,
            'settings' => array_map(static fn (Setting $setting): array => $setting->describe($messages), $this->settings()),
            'starters' => array_map(
                static fn (Starter $starter): array => ['name' => $starter->name, 'node' => $starter->node, 'drawing' => $starter->drawing],
                $this->starters === [] ? [new Starter($this->name, ['kind' => $this->kind])] : $this->starters,
            ),
        ];
    }

    private static function key(Question $question, string $name): string
    {
        return "$question->value.$name";
    }
}
