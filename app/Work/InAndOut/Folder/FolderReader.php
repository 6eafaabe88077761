<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Illuminate\Support\Facades\DB;
use Throwable;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Records\Catalogue\FactCheck;
use Vestibra\App\Records\Models\Catalogue\Brand;
use Vestibra\App\Records\Models\Catalogue\Category;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Saving\InParts;
use Vestibra\App\Work\Saving\Saving;
use Vestibra\App\Work\Templates\Fallbacks;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\FolderProblem;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Core\Problem;
use Vestibra\Core\Selling\MoneyFormat;

/**
 * Reads a folder that holds a shop, as a whole or not at all, and keeps it as one piece of the history. Of a folder
 * that this shop wrote only what was changed in it since is read, so that what changed in the shop meanwhile stays as
 * it is.
 */
final class FolderReader
{
    private const AT_ONCE = 200;

    public function __construct(
        private readonly ThingFiles $written,
        private readonly ThingsIn $things,
        private readonly ProductsIn $products,
        private readonly OptionsIn $options,
        private readonly FactsIn $facts,
        private readonly PicturesIn $pictures,
        private readonly FilesIn $files,
        private readonly FactCheck $check,
        private readonly Saving $saving,
        private readonly MoneyFormat $money,
        private readonly Fallbacks $fallbacks,
    ) {
    }

    /**
     * @param  bool  $over  the folder wins where both changed, and may be another shop's
     * @param  bool  $delete  what has no file any more is deleted
     * @param  bool  $dry  says what it would do, and leaves nothing
     * @param  bool  $whole  reads files too that nobody changed
     * @param  bool  $leaping  prices may become ten times as high or low
     * @return Outcome|non-empty-list<FolderProblem>
     */
    public function read(
        string $folder,
        User $user,
        bool $over = false,
        bool $delete = false,
        bool $dry = false,
        bool $whole = false,
        bool $leaping = false,
    ): Outcome|array {
        $this->written->forget();
        $this->check->forget();
        $files = FolderFiles::in($folder, $whole);
        if ($files instanceof Problem) {
            return [new FolderProblem(ShopFolder::SHOP, $files)];
        }
        $elsewhere = $files->leadingElsewhere();
        if ($elsewhere !== []) {
            return array_map(
                static fn (string $path): FolderProblem =>
                    new FolderProblem(mb_scrub($path), FileFormatProblem::Linked->at()),
                array_slice($elsewhere, 0, 100),
            );
        }
        $unfit = $this->unfit($files, $over);
        if ($unfit !== null) {
            return [new FolderProblem(ShopFolder::SHOP, $unfit)];
        }
        $taken = new TakenFiles;
        DB::beginTransaction();
        try {
            $outcome = $this->take($files, $user, $over, $delete, $leaping);
            $dry ? $taken->rollBack() : DB::commit();

            return $outcome;
        } catch (Refused $refused) {
            $taken->rollBack();

            return $refused->problems;
        } catch (Throwable $error) {
            $taken->rollBack();

            throw $error;
        } finally {
            $this->written->forget();
        }
    }

    private function unfit(FolderFiles $files, bool $over): ?Problem
    {
        $shop = $files->read(ShopFolder::SHOP, 'shop');

        return match (true) {
            $shop instanceof Problem => $shop,
            ($shop['currency'] ?? '') !== $this->money->currency => FileFormatProblem::AnotherCurrency->at('currency', [
                'theirs' => is_string($shop['currency'] ?? null) ? mb_substr($shop['currency'], 0, 10) : '',
                'ours' => $this->money->currency,
            ]),
            ! $files->ours && ! $over && ! self::isEmpty() => FileFormatProblem::AnotherShop->at(),
            default => null,
        };
    }

    private static function isEmpty(): bool
    {
        return Product::query()->toBase()->doesntExist()
            && Category::query()->toBase()->doesntExist()
            && Brand::query()->toBase()->doesntExist();
    }

    private function take(FolderFiles $files, User $user, bool $over, bool $delete, bool $leaping): Outcome
    {
        $empty = self::isEmpty();
        $empty && $this->fallbacks->see($user);
        $parts = new InParts($this->saving, $user);
        $taking = new Taking($parts, $this->written->names, $this->money->digits(), $leaping);
        $names = [];
        foreach (ShopFolder::FOLDERS as $thing => $folder) {
            $problems = [];
            $names[$thing] = $files->names($folder, $problems);
            foreach ($problems as $problem) {
                $taking->problem($problem->file, $problem->problem);
            }
        }
        $open = $this->announced($names, $files);
        foreach ($over ? [] : $open as $thing => $list) {
            $this->things->compare(Thing::from($thing), $list, $files, $taking);
        }
        $this->pictures->read($files, $taking);
        $this->files->read($files, $taking);
        $this->whole($files, ShopFolder::FACTS, 'facts', $over, $taking);
        $this->whole($files, ShopFolder::OPTIONS, 'options', $over, $taking);
        $this->frame($open, $files, $taking);
        $again = [];
        foreach (array_chunk($open['product'] ?? [], self::AT_ONCE) as $some) {
            array_push($again, ...$this->products->read($some, $files, $taking));
        }
        foreach (array_chunk($again, self::AT_ONCE) as $some) {
            $this->products->read($some, $files, $taking);
        }
        $this->collections($open['collection'] ?? [], $files, $taking);
        $staying = $this->without($names, $delete, $taking);
        $adopted = $empty && $files->contents !== null && $files->contents->shop !== '';
        $adopted && FolderManifest::adopt($files->contents->shop);

        return new Outcome(
            $parts->close(self::words($taking)),
            $taking->counts,
            array_values($taking->files),
            $parts->moves(),
            $staying,
            $files->ours || $adopted,
        );
    }

    /**
     * @param  array<string, list<string>>  $names
     * @return array<string, list<string>> those to be opened; what is new has a number below zero, by which others may
     *     name it
     */
    private function announced(array $names, FolderFiles $files): array
    {
        $open = [];
        foreach ($names as $thing => $list) {
            foreach ($list as $name) {
                $path = ShopFolder::path(Thing::from($thing), $name);
                if ($files->isChanged($path)) {
                    $open[$thing][] = $name;
                    $this->written->names->idOf($thing, $name) === null
                        && ! $files->wasWritten($path)
                        && $this->written->names->announce($thing, $name);
                }
            }
        }

        return $open;
    }

    private function whole(FolderFiles $files, string $path, string $what, bool $over, Taking $taking): void
    {
        if (! $files->isChanged($path)) {
            return;
        }
        $given = $files->read($path, $what);
        $now = ShopFolder::text($what === 'facts' ? $this->written->facts() : $this->written->options());
        if ($given instanceof Problem) {
            $taking->problem($path, $given);
        } elseif (! $over && ! $files->wrote($path, $now)) {
            $taking->problem($path, FileFormatProblem::BothChanged->at());
        } else {
            $what === 'facts' ? $this->facts->read($given, $taking) : $this->options->read($given, $taking);
        }
    }

    /**
     * What products are put into: brands, tags and categories.
     *
     * @param  array<string, list<string>>  $open
     */
    private function frame(array $open, FolderFiles $files, Taking $taking): void
    {
        $opened = [];
        foreach ([Thing::Brand, Thing::Tag, Thing::Category] as $thing) {
            $opened[$thing->value] = $this->things->open($thing, $open[$thing->value] ?? [], $files, $taking);
            foreach ($opened[$thing->value] as $name => $one) {
                $taking->change(
                    ShopFolder::path($thing, $name),
                    $thing,
                    $one['id'],
                    $one['stands'],
                    $this->things->fields($thing, $name, $one, $taking),
                );
            }
        }
        $numbers = $taking->save();
        foreach ($opened as $thing => $list) {
            $this->things->keepEarlier(Thing::from($thing), $list, $numbers);
        }
        $this->written->forgetFacts();
    }

    /**
     * Those first that are named by the rules of others.
     *
     * @param  list<string>  $names
     */
    private function collections(array $names, FolderFiles $files, Taking $taking): void
    {
        $waiting = $this->things->open(Thing::Collection, $names, $files, $taking);
        while ($waiting !== []) {
            $ready = [];
            foreach ($waiting as $name => $one) {
                $fields = $this->things->fields(Thing::Collection, $name, $one, $taking);
                if (! self::namesNew($fields['rule'] ?? null)) {
                    $taking->change(
                        ShopFolder::path(Thing::Collection, $name),
                        Thing::Collection,
                        $one['id'],
                        $one['stands'],
                        $fields,
                    );
                    $ready[$name] = $one;
                }
            }
            if ($ready === []) {
                $taking->problem(
                    ShopFolder::path(Thing::Collection, (string) array_key_first($waiting)),
                    FileFormatProblem::UnknownName->at(
                        'rule',
                        ['thing' => 'collection', 'name' => implode(', ', array_slice(array_keys($waiting), 0, 5))],
                    ),
                );
            }
            $this->things->keepEarlier(Thing::Collection, $ready, $taking->save());
            $waiting = array_diff_key($waiting, $ready);
        }
    }

    private static function namesNew(mixed $rule): bool
    {
        $new = false;
        if (is_array($rule)) {
            array_walk_recursive($rule, static function (mixed $value) use (&$new): void {
                $new = $new || (is_int($value) && $value < 0);
            });
        }

        return $new;
    }

    /**
     * @param  array<string, list<string>>  $names
     * @return int how many things of the shop have no file, and stay
     */
    private function without(array $names, bool $delete, Taking $taking): int
    {
        $staying = 0;
        foreach (array_reverse(array_keys(ShopFolder::FOLDERS)) as $thing) {
            $here = [];
            foreach ($names[$thing] as $name) {
                $here[$this->written->names->idOf($thing, $name) ?? 0] = true;
            }
            $gone = array_values(
                array_filter($this->written->names->all($thing), static fn (int $id): bool => ! isset($here[$id])),
            );
            $staying += $delete ? 0 : count($gone);
            foreach (array_chunk($delete ? $gone : [], self::AT_ONCE) as $some) {
                foreach ($some as $id) {
                    $taking->change(
                        ShopFolder::path(Thing::from($thing), (string) $this->written->names->nameOf($thing, $id)),
                        Thing::from($thing),
                        $id,
                        [],
                        null,
                    );
                }
                $taking->save();
            }
        }

        return $staying;
    }

    private static function words(Taking $taking): string
    {
        $said = array_filter([
            $taking->counts['made'] === 0 ? '' : Counted::of($taking->counts['made'], 'thing').' made',
            $taking->counts['changed'] === 0 ? '' : Counted::of($taking->counts['changed'], 'thing').' changed',
            $taking->counts['deleted'] === 0 ? '' : Counted::of($taking->counts['deleted'], 'thing').' deleted',
        ]);

        return 'Read in from a folder: '.($said === [] ? 'nothing changed' : implode(', ', $said)).(
            count($taking->files) === 1 ? ' ('.array_key_first($taking->files).')' : ''
        );
    }
}
