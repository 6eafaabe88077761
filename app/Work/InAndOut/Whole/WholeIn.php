<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Whole;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\DataFolder;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Style\HouseBook;
use Vestibra\App\Work\InAndOut\Folder\FolderReader;
use Vestibra\App\Work\InAndOut\Folder\Outcome;
use Vestibra\App\Work\InAndOut\Linked\LinkedIn;
use Vestibra\App\Work\Templates\Exchange;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\FolderProblem;
use Vestibra\Core\Formats\Tokens\ReadTokens;
use Vestibra\Core\Formats\Tokens\TokensReader;
use Vestibra\Core\Problem;

/** Reads a file that holds more than rows, once it was seen what it is. */
final readonly class WholeIn
{
    private const DEEPEST = 64;

    /** Of a file of words: it is held in memory many times over. Larger ones are for the console. */
    private const MOST_BYTES = 20_000_000;

    public function __construct(
        private ZippedShop $zipped,
        private FolderReader $folder,
        private LinkedIn $linked,
        private Exchange $exchange,
        private HouseBook $book,
    ) {
    }

    /** @param  string  $called  what the file is called */
    public function read(string $path, string $called, User $user, WholeWishes $wishes): WholeOutcome
    {
        if (self::isZip($path)) {
            return $this->shop($path, $user, $wishes);
        }
        if (filesize($path) > self::MOST_BYTES) {
            return new WholeOutcome('linked', $called, problems: [new FolderProblem(
                $called,
                FileFormatProblem::TooLarge->at('', ['most' => intdiv(self::MOST_BYTES, 1_000_000)]),
            )]);
        }
        $text = (string) file_get_contents($path);
        $data = json_decode($text, true, self::DEEPEST);
        if (! is_array($data)) {
            return new WholeOutcome('linked', $called, problems: [new FolderProblem(
                $called,
                FileFormatProblem::NotJson->at('', ['why' => lcfirst(json_last_error_msg())]),
            )]);
        }
        if (($data['vestibra'] ?? null) === 'template') {
            return $this->template($data, $called, $user, $wishes);
        }
        $isLinked = isset($data['@graph']) || isset($data['@context']) || isset($data[0]);
        unset($data);

        return $isLinked
            ? self::catalogue('linked', $called, $this->linked->read($path, $user, $wishes->dry, $wishes->leaping))
            : $this->style($text, $called, $wishes);
    }

    public static function isZip(string $path): bool
    {
        return file_get_contents($path, length: 2) === 'PK';
    }

    private function shop(string $path, User $user, WholeWishes $wishes): WholeOutcome
    {
        $folder = $this->zipped->unpack($path);
        if ($folder instanceof Problem) {
            return new WholeOutcome('folder', problems: [new FolderProblem('', $folder)]);
        }
        try {
            return self::catalogue('folder', '', $this->folder->read(
                $folder,
                $user,
                $wishes->over,
                $wishes->delete,
                $wishes->dry,
                leaping: $wishes->leaping,
            ));
        } finally {
            DataFolder::remove($folder);
        }
    }

    /**
     * @param  'folder'|'linked'  $kind
     * @param  Outcome|non-empty-list<FolderProblem>  $done
     */
    private static function catalogue(string $kind, string $called, Outcome|array $done): WholeOutcome
    {
        return is_array($done)
            ? new WholeOutcome($kind, $called, problems: $done)
            : new WholeOutcome($kind, $called, $done);
    }

    /** @param  array<array-key, mixed>  $data */
    private function template(array $data, string $called, User $user, WholeWishes $wishes): WholeOutcome
    {
        $done = null;
        DB::beginTransaction();
        try {
            $done = $this->exchange->import($data, $user, $wishes->withReach);
        } finally {
            $done instanceof Template && ! $wishes->dry ? DB::commit() : DB::rollBack();
        }

        return $done instanceof Template
            ? new WholeOutcome('template', $done->name, made: $wishes->dry ? 0 : $done->id)
            : new WholeOutcome('template', $called, problems: self::problems($called, $done));
    }

    private function style(string $text, string $called, WholeWishes $wishes): WholeOutcome
    {
        $read = TokensReader::parse(substr($text, 0, TokensReader::MOST_BYTES + 1));
        if (! $read instanceof ReadTokens) {
            return new WholeOutcome('style', $called, problems: self::problems($called, $read));
        }
        $name = mb_substr(pathinfo($called, PATHINFO_FILENAME), 0, 60);
        $kept = $wishes->dry ? 0 : $this->book->keep($name, $read->style);

        return $kept instanceof Problem
            ? new WholeOutcome('style', $name, problems: self::problems($called, [$kept]))
            : new WholeOutcome('style', $name, made: $kept);
    }

    /**
     * @param  list<Problem>  $problems
     * @return list<FolderProblem>
     */
    private static function problems(string $called, array $problems): array
    {
        return array_map(static fn (Problem $one): FolderProblem => new FolderProblem($called, $one), $problems);
    }
}
