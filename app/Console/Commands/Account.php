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
use App\Households\Name;
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
        {do : add, list, link, keeper, out, in, or remove}
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
                'keeper' => $this->keeper(),
                'out' => $this->out(),
                'in' => $this->in(),
                'remove' => $this->remove(),
                default => throw new RuntimeException('account takes add, list, link, keeper, out, in or remove. See ./undro help'),
            };
        } catch (RuntimeException|DomainFault $fault) {
            fwrite(STDERR, 'undro: ' . self::shown($fault->getMessage()) . "\n");

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
        Name::isOne($name) || throw new RuntimeException('the name of a household may have up to 60 letters, signs and spaces.');
        $household = Household::named($name);
        try {
            $from = (string) $this->option('from');
            self::open($household);
            $from === '' || $this->bring($household, $from);
        } catch (RuntimeException|DomainFault $fault) {
            $household->giveUp();
            throw $fault;
        }
        $this->tell("“{$household->name}” was created ($household->id). This link lets its first person in. It works once, for one week:", Link::invitation($household, $email)[1]);
    }

    private function listAll(): void
    {
        foreach (Household::query()->orderBy('name')->get() as $household) {
            $size = is_file($household->database()) ? filesize($household->database()) : false;
            $this->line(sprintf('%s  %s  %s', $household->id, self::shown($household->name), $size === false ? 'its database is missing' : sprintf('%.1f MB', $size / 1e6)));
            foreach (Person::query()->where('household_id', $household->id)->orderBy('id')->get() as $person) {
                $this->line('    ' . self::shown("$person->email  $person->name") . ($person->keeper ? '  keeps it' : ''));
            }
        }
    }

    /** Somebody who is there chooses another password; of a household by its name, one more person may join. */
    private function link(): void
    {
        $who = $this->text('who');
        $person = Person::of($who);
        if ($person !== null) {
            $this->tell("With this link $person->email can choose a new password. It works once, for one hour:", Link::reset($person)[1]);

            return;
        }
        $this->tell('This link lets one person join. It works once, for one week:', Link::invitation($this->household($who))[1]);
    }

    /** Makes somebody a keeper, for a household that has none or whose keeper cannot be reached. */
    private function keeper(): void
    {
        $who = $this->text('who');
        $person = Person::of($who) ?? throw new RuntimeException("nobody signs in with “{$who}”. ./undro account list shows who does.");
        $person->update(['keeper' => true]);
        $this->line(self::shown("$person->email manages “{$person->household()->name}” from now on."));
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
        $this->line(self::shown("“{$household->name}” was exported."));
    }

    private function in(): void
    {
        $household = $this->household($this->text('who'));
        $this->bring($household, $this->text('file'));
    }

    private function remove(): void
    {
        $household = $this->household($this->text('who'));
        $this->option('yes') || $this->confirm("This deletes “{$household->name}”, its people, its database and all its copies for good. "
            . 'Do you have an export of it elsewhere?')
            || throw new RuntimeException('nothing was changed. Add --yes to skip this question.');
        $household->giveUp();
        $this->line(self::shown("“{$household->name}” was deleted."));
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
        is_file($file) || throw new RuntimeException($file === '' ? 'in needs a file: an export (.json) or a copy of a database (.sqlite).' : "there is no file $file.");
        Entry::into($household);
        if (str_starts_with((string) file_get_contents($file, length: 16), 'SQLite format 3')) {
            Artisan::call('undro:restore', ['file' => $file]) === self::SUCCESS || throw new RuntimeException(trim(substr(Artisan::output(), 6)));
            $this->line(trim(Artisan::output()));

            return;
        }
        $result = app(Import::class)->run((string) file_get_contents($file), null, true);
        $bad = array_values(array_filter(array_column($result['rows'], 'problem'), is_string(...)));
        $this->line(sprintf('%d of %d rows were imported.', count($result['rows']) - count($bad), count($result['rows'])));
        array_map(fn(string $problem) => $this->line("  not imported: $problem"), array_slice($bad, 0, 10));
    }

    private function household(string $who): Household
    {
        // what looks like an id is one: nobody can call a household like another one's id
        $found = Household::query()->where('id', $who)->get();
        $found = $found->isEmpty() ? Household::query()->where('name', $who)->get() : $found;
        $found->count() <= 1 || throw new RuntimeException("several households are called “{$who}”. Use its id; ./undro account list shows it.");

        return $found->first() ?? throw new RuntimeException("there is no person and no household “{$who}”. ./undro account list shows all.");
    }

    private function tell(string $words, string $path): void
    {
        $this->line(self::shown($words));
        $this->line('  ' . Post::address($path));
    }

    /** Returns text that is safe to print: control characters in a name could change what a terminal shows. */
    private static function shown(string $words): string
    {
        return (string) preg_replace('/(?!\n)\p{Cc}+/u', '?', mb_scrub($words));
    }

    private function text(string $argument): string
    {
        $typed = $this->argument($argument);

        return is_string($typed) ? trim($typed) : '';
    }
}
