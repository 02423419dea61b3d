<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Ready;
use App\Exchange\Backup;
use App\Exchange\Document;
use App\Exchange\Import;
use App\Households\Entry;
use App\Households\Household;
use App\Households\Link;
use App\Households\Person;
use App\Households\Post;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use RuntimeException;
use Undro\DomainFault;

/** Who may sign in where Undro is served, from the console of the machine that serves it. */
final class Account extends Command
{
    protected $signature = 'undro:account
        {do : add, list, link, out, in, or remove}
        {who? : a mail address, or of a household its name or id}
        {file? : a document (.json) or a copy of the database (.sqlite)}
        {--household= : what the household is called}
        {--from= : a document or a copy that the new household begins with}
        {--yes : do not ask}';
    protected $description = 'Households and people';

    public function handle(): int
    {
        Households::people();
        try {
            match ($this->argument('do')) {
                'add' => $this->add(),
                'list' => $this->listAll(),
                'link' => $this->link(),
                'out' => $this->out(),
                'in' => $this->in(),
                'remove' => $this->remove(),
                default => throw new RuntimeException('account takes add, list, link, out, in or remove. See ./undro help'),
            };
        } catch (RuntimeException|DomainFault $fault) {
            fwrite(STDERR, "undro: {$fault->getMessage()}\n");

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    /** A household of its own, whose first person chooses name and password by a link. */
    private function add(): void
    {
        $email = Person::asKept($this->text('who'));
        Person::isAddress($email) || throw new RuntimeException('add needs a mail address, such as ann@example.org.');
        Person::of($email) === null || throw new RuntimeException("somebody signs in with $email already. Each person needs an address of their own.");
        $name = trim((string) $this->option('household')) ?: ucfirst(explode('@', $email)[0]);
        $household = Household::named($name);
        try {
            $from = (string) $this->option('from');
            self::open($household);
            $from === '' || $this->bring($household, $from);
        } catch (RuntimeException|DomainFault $fault) {
            $household->giveUp();
            throw $fault;
        }
        $this->tell("“{$household->name}” is made ($household->id). This link lets its first person in, once and for a week:", Link::invitation($household, $email)[1]);
    }

    private function listAll(): void
    {
        foreach (Household::query()->orderBy('name')->get() as $household) {
            $size = is_file($household->database()) ? filesize($household->database()) : false;
            $this->line(sprintf('%s  %s  %s', $household->id, $household->name, $size === false ? 'its database is missing' : sprintf('%.1f MB', $size / 1e6)));
            foreach (Person::query()->where('household_id', $household->id)->orderBy('id')->get() as $person) {
                $this->line("    $person->email  $person->name" . ($person->keeper ? '  keeps it' : ''));
            }
        }
    }

    /** Somebody who is there chooses another password; of a household by its name, one more person may join. */
    private function link(): void
    {
        $who = $this->text('who');
        $person = Person::of($who);
        if ($person !== null) {
            $this->tell("This link lets $person->email choose another password, once and for an hour:", Link::reset($person)[1]);

            return;
        }
        $this->tell('This link lets one person join, once and for a week:', Link::invitation($this->household($who))[1]);
    }

    private function out(): void
    {
        $household = $this->household($this->text('who'));
        $file = $this->text('file');
        if (str_ends_with($file, '.json')) {
            !file_exists($file) || throw new RuntimeException("there is a file $file already.");
            Entry::into($household);
            file_put_contents($file, json_encode(Document::of(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)) !== false
                || throw new RuntimeException("$file could not be written.");
        } else {
            $file !== '' || throw new RuntimeException('out needs a file: .json for a document, .sqlite for a copy of the database.');
            Backup::make($household->database(), $file);
        }
        $this->line("“{$household->name}” is written.");
    }

    private function in(): void
    {
        $household = $this->household($this->text('who'));
        $this->bring($household, $this->text('file'));
    }

    private function remove(): void
    {
        $household = $this->household($this->text('who'));
        $this->option('yes') || $this->confirm("“{$household->name}”, who signs in to it, its database and all copies of it go for good. Is a document of it kept elsewhere?")
            || throw new RuntimeException('nothing was changed. With --yes it is not asked.');
        $household->giveUp();
        $this->line("“{$household->name}” is gone.");
    }

    /** Makes its folder and an empty database. */
    private static function open(Household $household): void
    {
        @mkdir($household->folder(), 0o700, true) || throw new RuntimeException("the folder {$household->folder()} cannot be made.");
        Entry::into($household);
        Ready::database(static fn() => null);
    }

    /** A document is taken as it is taken under Data; a copy of a database is put in the place of the one there is. */
    private function bring(Household $household, string $file): void
    {
        is_file($file) || throw new RuntimeException($file === '' ? 'in needs a file: a document or a copy of a database.' : "there is no file $file.");
        Entry::into($household);
        if (str_starts_with((string) file_get_contents($file, length: 16), 'SQLite format 3')) {
            Artisan::call('undro:restore', ['file' => $file]) === self::SUCCESS || throw new RuntimeException(trim(substr(Artisan::output(), 6)));
            $this->line(trim(Artisan::output()));

            return;
        }
        $result = app(Import::class)->run((string) file_get_contents($file), null, true);
        $bad = array_values(array_filter(array_column($result['rows'], 'problem'), is_string(...)));
        $this->line(sprintf('%d of %d rows were taken.', count($result['rows']) - count($bad), count($result['rows'])));
        array_map(fn(string $problem) => $this->line("  not taken: $problem"), array_slice($bad, 0, 10));
    }

    private function household(string $who): Household
    {
        $found = Household::query()->where('id', $who)->orWhere('name', $who)->get();
        $found->count() <= 1 || throw new RuntimeException("several households are called “{$who}”. Name it by its id; ./undro account list tells it.");

        return $found->first() ?? throw new RuntimeException("nobody and no household is known as “{$who}”. ./undro account list tells who is.");
    }

    private function tell(string $words, string $path): void
    {
        $this->line($words);
        $this->line('  ' . Post::address($path));
    }

    private function text(string $argument): string
    {
        $typed = $this->argument($argument);

        return is_string($typed) ? trim($typed) : '';
    }
}
