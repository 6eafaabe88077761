<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Doctor;

use Illuminate\Support\Facades\Queue;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Ground\Files\Sql\KeptFile;
use Vestibra\App\Ground\Files\StoredFiles;
use Vestibra\App\Ground\Models\Job;
use Vestibra\App\Ground\Models\StoredFile;
use Vestibra\App\Ground\Pictures\WaitingPictures;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Records\Models\FittingRun;
use Vestibra\App\Work\Fitting\FitTemplate;

/**
 * What a killed server leaves: files that nothing in the shop is kept under, halves of files, and work that was to
 * follow and that nobody does. What may still be on its way is left alone.
 *
 * @phpstan-import-type Finding from Doctor
 */
final readonly class Leftovers
{
    /** Seconds in which a file may be written before the shop knows of it. */
    private const ON_ITS_WAY = 60;

    /** Minutes after which work that nobody has in hand is forgotten. */
    private const FORGOTTEN = 15;

    /** @return list<Finding> */
    public static function examine(bool $mend): array
    {
        $findings = [...self::files($mend), ...self::notes($mend)];
        foreach ([...self::pictures($mend), ...self::fittings($mend)] as $finding) {
            $findings[] = $finding;
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function files(bool $mend): array
    {
        $strays = $foreign = $fresh = [];
        foreach (Doctor::folders() as $folder => $place) {
            foreach (array_filter(glob("$place/*") ?: [], is_file(...)) as $path) {
                $name = basename($path);
                if (KeptFile::isOwned(Database::pdo(), $folder, $name)) {
                    continue;
                }
                clearstatcache(true, $path);
                match (true) {
                    (int) filemtime($path) > time() - self::ON_ITS_WAY => $fresh[] = "$folder/$name",
                    StoredFiles::isName($folder, (string) preg_replace('/\.part$/D', '', $name)) =>
                        $strays[$path] = "$folder/$name",
                    default => $foreign[] = "$folder/$name",
                };
            }
        }
        foreach ($mend ? array_keys($strays) : [] as $path) {
            @unlink($path);
        }
        $strays = array_values($strays);

        return array_values(array_filter([
            $strays === [] ? null : Doctor::finding(
                'stray',
                Doctor::several($strays, 'is kept for nothing in the shop', 'are kept for nothing in the shop')
                    .($mend ? ' They are gone now.' : ' “--mend” removes what is ours.'),
                $mend,
            ),
            $foreign === [] ? null : Doctor::finding(
                'foreign',
                Doctor::several($foreign, 'was not written by Vestibra', 'were not written by Vestibra')
                    .' No backup takes it; move it elsewhere.',
            ),
            $fresh === [] ? null : Doctor::finding(
                'fresh',
                Doctor::several($fresh, 'was written less than a minute ago', 'were written less than a minute ago')
                    .' It may be on its way; look again.',
            ),
        ]));
    }

    /** @return list<Finding> notes of files that nothing is kept under */
    private static function notes(bool $mend): array
    {
        $loose = [];
        foreach (StoredFile::query()->toBase()->orderBy('folder')->orderBy('name')->get(['folder', 'name']) as $row) {
            KeptFile::isOwned(Database::pdo(), (string) $row->folder, (string) $row->name) || $loose[] = [
                (string) $row->folder,
                (string) $row->name,
            ];
        }
        foreach ($mend ? $loose : [] as [$folder, $name]) {
            StoredFiles::forget($folder, $name);
        }

        return $loose === [] ? [] : [Doctor::finding(
            'noted',
            Counted::of(count($loose), 'file is noted that is', 'files are noted that are')
                .' kept for nothing in the shop.',
            $mend,
        )];
    }

    /** @return list<Finding> pictures whose sizes nobody makes */
    private static function pictures(bool $mend): array
    {
        $waiting = WaitingPictures::areInHand() ? 0 : WaitingPictures::count();
        $mend && WaitingPictures::queue();

        return $waiting === 0 ? [] : [Doctor::finding(
            'waiting',
            Counted::of($waiting, 'picture waits', 'pictures wait').' for sizes that nobody makes.',
            $mend,
        )];
    }

    /** @return list<Finding> fittings that nobody goes on with */
    private static function fittings(bool $mend): array
    {
        $stuck = self::hasWork('FitTemplate')
            ? []
            : FittingRun::query()->toBase()->where('state', 'running')
                ->where('made_at', '<', now('UTC')->subMinutes(self::FORGOTTEN)->toDateTimeString())
                ->get(['template_id', 'revision'])
                ->all();
        foreach ($mend ? $stuck : [] as $row) {
            Queue::push(new FitTemplate((int) $row->template_id, (int) $row->revision));
        }

        return $stuck === [] ? [] : [Doctor::finding(
            'waiting',
            Counted::of(count($stuck), 'fitting has', 'fittings have').' begun that nobody goes on with.',
            $mend,
        )];
    }

    private static function hasWork(string $job): bool
    {
        return Job::query()->toBase()->where('payload', 'like', "%$job%")->exists();
    }
}
