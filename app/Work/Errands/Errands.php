<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Errands;

use Illuminate\Container\Attributes\Config;
use Illuminate\Contracts\Container\Container;
use Illuminate\Support\Facades\Queue;
use LogicException;
use Throwable;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Ground\Progress;
use Vestibra\App\Records\Models\User;

/**
 * Errands lie in files beside the shop's data, which an errand may hold on to: NAME.errand is what was asked for,
 * NAME.lock is held by whoever does it, NAME.begun says that somebody has begun, NAME.answer what came of it,
 * NAME.seen that it was told.
 */
final readonly class Errands
{
    /** In seconds. */
    private const KEPT = 86_400;

    private const LOST = 'The server was stopped in the middle of this. It is either done as a whole or not at all: '
        .'look under Catalogue › History, and if it is not there, do it again.';

    private const FAILED = 'Something failed. Nothing was half done; try again.';

    /** @param  int  $patience  in seconds: so long the worker has to begin before whoever asks does it */
    public function __construct(
        private string $folder,
        #[Config('vestibra.patience')] private int $patience,
        private Container $container,
    ) {
    }

    /**
     * @param  class-string<Errand>  $errand
     * @param  array<string, mixed>  $given
     * @param  bool  $isShort  it is done at once
     * @return string its name from here on
     */
    public function ask(User $user, string $errand, array $given, bool $isShort): string
    {
        is_dir($this->folder) || @mkdir($this->folder, 0o700, true);
        foreach (glob("$this->folder/*.*") ?: [] as $old) {
            @filemtime($old) < time() - self::KEPT && @unlink($old);
        }
        // The later of two has the greater name.
        $name = sprintf('%d-%013x%s', $user->id, (int) (microtime(true) * 1e6), bin2hex(random_bytes(4)));
        $this->write($name, 'errand', ['errand' => $errand, 'user' => $user->id, 'given' => $given]);
        $isShort ? $this->run($name) : Queue::push(new RunErrand($name), queue: RunErrand::QUEUE);

        return $name;
    }

    /** Does it, unless it is done or somebody is at it. */
    public function run(string $name): void
    {
        $lock = is_file("$this->folder/$name.errand") ? @fopen("$this->folder/$name.lock", 'c') : false;
        if ($lock === false || ! flock($lock, LOCK_EX | LOCK_NB)) {
            return;
        }
        try {
            is_file("$this->folder/$name.answer") || $this->answered($name);
        } finally {
            flock($lock, LOCK_UN);
            fclose($lock);
        }
    }

    /** @return ErrandAnswer|Progress|null what came of it, or how far it is; null: there is none of this name */
    public function of(User $user, string $name): ErrandAnswer|Progress|null
    {
        if (! self::isOf($user, $name) || ! is_file("$this->folder/$name.errand")) {
            return null;
        }
        $isWaiting = ! is_file("$this->folder/$name.answer")
            && (is_file("$this->folder/$name.begun")
                || @filemtime("$this->folder/$name.errand") <= time() - $this->patience);
        // Where the worker is down, or was stopped in the middle, it is done by whoever asks.
        $isWaiting && $this->run($name);
        $answer = $this->read($name, 'answer');
        if ($answer === null) {
            return new Progress($name);
        }
        @touch("$this->folder/$name.seen");
        $body = $answer['body'] ?? null;

        /** @var array<string, mixed> $body */
        $body = is_array($body) ? $body : [];

        return new ErrandAnswer(is_int($answer['status'] ?? null) ? $answer['status'] : 500, $body);
    }

    /** Whether it is an errand of theirs, by its name. */
    public static function isOf(User $user, string $name): bool
    {
        return preg_match('/^(\d{1,15})-[0-9a-f]{21}$/D', $name, $part) === 1 && (int) $part[1] === $user->id;
    }

    /** @return array{name: string, errand: string, given: array<string, mixed>}|null the last of theirs, if untold */
    public function untold(User $user): ?array
    {
        $paths = glob("$this->folder/$user->id-*.errand") ?: [];
        $name = $paths === [] ? '' : basename(max($paths), '.errand');
        if ($name === '' || is_file("$this->folder/$name.seen")) {
            return null;
        }
        [$errand, $given] = $this->asked($name);

        return ['name' => $name, 'errand' => $errand, 'given' => $given];
    }

    private function answered(string $name): void
    {
        [$class, $given, $by] = $this->asked($name);
        $errand = $this->container->make($class);
        $user = User::query()->find($by);
        if (! $errand instanceof Errand || ! $user instanceof User) {
            throw new LogicException("$name is no errand of anybody.");
        }
        $isAgain = is_file("$this->folder/$name.begun");
        touch("$this->folder/$name.begun");
        $answer = $isAgain && ! $errand->isRepeatable($given)
            ? ErrandAnswer::said(500, self::LOST)
            : self::done($errand, $user, $given, new Progress($name));
        $this->write($name, 'answer', ['status' => $answer->status, 'body' => $answer->body]);
    }

    /** @param  array<string, mixed>  $given */
    private static function done(Errand $errand, User $user, array $given, Progress $progress): ErrandAnswer
    {
        try {
            return $errand->do($user, $given, $progress);
        } catch (Throwable $error) {
            report($error);

            return NoRoom::isBehind($error)
                ? ErrandAnswer::said(507, NoRoom::WORDS)
                : ErrandAnswer::said(500, self::FAILED);
        }
    }

    /** @return array{string, array<string, mixed>, int} which errand, what was given, whose it is */
    private function asked(string $name): array
    {
        $asked = $this->read($name, 'errand') ?? [];
        $errand = $asked['errand'] ?? null;
        $given = $asked['given'] ?? null;
        /** @var array<string, mixed> $given */
        $given = is_array($given) ? $given : [];

        return [
            is_string($errand) && is_a($errand, Errand::class, true) ? $errand : Errand::class,
            $given,
            is_int($asked['user'] ?? null) ? $asked['user'] : 0,
        ];
    }

    /** @return array<string, mixed>|null */
    private function read(string $name, string $part): ?array
    {
        $text = @file_get_contents("$this->folder/$name.$part");
        $read = $text === false ? null : json_decode($text, true);
        /** @var array<string, mixed>|null $read */
        $read = is_array($read) ? $read : null;

        return $read;
    }

    /**
     * Whoever reads sees all of it or nothing.
     *
     * @param  array<string, mixed>  $what
     */
    private function write(string $name, string $part, array $what): void
    {
        $text = json_encode($what, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE);
        $path = "$this->folder/$name.$part";
        @file_put_contents("$path.new", $text) === strlen($text) && @rename("$path.new", $path) || throw new NoRoom;
    }
}
