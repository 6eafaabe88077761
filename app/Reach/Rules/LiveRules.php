<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Vestibra\App\Reach\Rules\Sql\RuleRows;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\Evaluator;

/**
 * What is live, ready to decide. Compiled rules are kept between requests in files named by a word of the database that
 * is another one as soon as anything changes that they depend on; they can be thrown away at any time.
 */
final class LiveRules
{
    /** @var array<string, Evaluator> by page kind and word */
    private array $known = [];

    /** As the page that is made has asked for it. */
    private ?string $word = null;

    private ?string $shown = null;

    public function __construct(private readonly CompiledRules $compiled)
    {
    }

    /**
     * @return array{Evaluator, int|null} with the template that a page is pinned to, live or not: one query for both
     */
    public function on(PageKind $kind, Subject $subject): array
    {
        $row = RuleRows::words($kind, $subject);
        [$this->word, $this->shown] = [$row->word, $row->shown];

        return [$this->evaluator($kind, $row->word), $row->pin];
    }

    public function of(PageKind $kind): Evaluator
    {
        return $this->evaluator($kind, self::word());
    }

    /** @return array<string, Evaluator> of headers and footers, as they are for the page that was asked for last */
    public function aroundPages(): array
    {
        $word = $this->word ?? self::word();

        return [
            'header' => $this->evaluator(PageKind::Header, $word),
            'footer' => $this->evaluator(PageKind::Footer, $word),
        ];
    }

    /**
     * Another word as soon as anything changes that headers and footers may show; as the page that is made has asked
     * for it.
     */
    public function shown(): string
    {
        return $this->shown ??= (string) RuleRows::shown();
    }

    public static function word(): string
    {
        return (string) RuleRows::word();
    }

    private function evaluator(PageKind $kind, string $word): Evaluator
    {
        return $this->known["$kind->value $word"] ??= $this->compiled->of($kind, $word);
    }
}
