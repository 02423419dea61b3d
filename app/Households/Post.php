<?php

declare(strict_types=1);

namespace App\Households;

use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;
use Throwable;

/** Mail, where a mail server was named: a link and what it is for. */
final class Post
{
    public static function reset(Person $person, string $path): void
    {
        self::send($person->email, 'Reset your password', [
            "Hello $person->name,",
            'somebody, probably you, asked to reset your Undro password. This link works once, for one hour:',
            self::address($path),
            'If it wasn’t you, ignore this mail.',
        ]);
    }

    public static function invitation(string $email, string $by, string $household, string $path): void
    {
        self::send($email, "Undro: $household", [
            "$by invites you to join “{$household}” on Undro. This link works once, for one week:",
            self::address($path),
        ]);
    }

    /** Sends something once the answer is given, so that its time tells nobody anything. */
    public static function afterwards(\Closure $send): void
    {
        app()->terminating(static function () use (&$send): void {
            $due = $send;
            $send = null;
            $due === null || $due();
        });
    }

    /** The whole address of a path of this server's. */
    public static function address(string $path): string
    {
        return config()->string('undro.address') . $path;
    }

    /** @param list<string> $paragraphs */
    private static function send(string $to, string $subject, array $paragraphs): void
    {
        try {
            Mail::raw(implode("\n\n", $paragraphs) . "\n", static fn(Message $message) => $message->to($to)->subject($subject));
        } catch (Throwable $fault) {
            // who asked is told nothing of it; the log tells whoever keeps the server
            report($fault);
        }
    }
}
