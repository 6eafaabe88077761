<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Making;

use Vestibra\App\Ground\Counted;
use Vestibra\App\Records\Models\Shop\OwnWords as OwnWordsRow;
use Vestibra\App\Records\Settings\OwnWords;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\MessagesChange;
use Vestibra\Core\Releases\NewLooks;
use Vestibra\Core\Templates\TemplateRole;

/** Customers read other words. */
final readonly class MessagesDeed implements ReleaseDeed
{
    private const LONGEST = 60;

    public function __construct(private MessagesChange $change)
    {
    }

    /** @param  array<string, string|null>  $words */
    public static function to(array $words): MessagesChange
    {
        return (new MessagesChange([], $words))->from(self::live());
    }

    public function problem(): ?Problem
    {
        return null;
    }

    public function now(): MessagesChange
    {
        return $this->change->from(self::live());
    }

    public function apply(): void
    {
        $live = array_replace(self::live(), $this->change->after);
        OwnWordsRow::query()->toBase()->update(['live' => OwnWords::written(array_filter($live, is_string(...)))]);
    }

    public function kinds(AskedByChanges $shop): array
    {
        return PageAddresses::kinds();
    }

    public function looks(AskedByChanges $shop): NewLooks
    {
        $looks = new NewLooks;
        foreach ($this->change->keys() === [] ? [] : $shop->speaking->of($this->change->keys()) as $one) {
            $looks = $looks->with(match (TemplateRole::from($one->role)) {
                TemplateRole::OwnBlocks =>
                    new NewLooks([], [(int) $one->product_id => $shop->parts->showing((int) $one->fact_id)]),
                TemplateRole::Part => new NewLooks($shop->parts->liveTemplates($one->id)),
                TemplateRole::Card => new NewLooks($shop->cards->liveTemplates($one->id)),
                TemplateRole::Page => new NewLooks([$one->id]),
            });
        }

        return $looks;
    }

    public function words(): string
    {
        $words = array_values($this->change->after);

        return count($words) === 1
            ? (
                $words[0] === null
                    ? 'Words of the shop as they came'
                    : '“'.mb_strimwidth($words[0], 0, self::LONGEST, '…').'” among the words of the shop'
            )
            : Counted::of(count($words), 'message').' changed among the words of the shop';
    }

    /** @return array<string, string> */
    private static function live(): array
    {
        return OwnWords::read((string) OwnWordsRow::query()->toBase()->value('live'));
    }
}
