<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Exchange\Calendar;
use App\Households\Entry;
use App\Households\Household;
use App\Http\Middleware\PairedOnly;
use App\Http\Middleware\SignedIn;
use App\Models\Account;
use App\Models\CalendarKey;
use App\Upkeep\UpkeepOfSpools;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** What is due as a calendar: once as a file, or followed by whoever has a key. */
final class CalendarController
{
    public function file(UpkeepOfSpools $upkeep): Response
    {
        return new Response(Calendar::of($upkeep->all(null), Carbon::now('UTC')->format('Ymd\THis\Z')), headers: [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="undro.ics"',
            'Cache-Control' => 'no-store',
        ]);
    }

    /** For a calendar that asks again and again; a key that was revoked finds nothing. */
    public function followed(UpkeepOfSpools $upkeep, string $key): Response
    {
        !config()->boolean('undro.served') && CalendarKey::knows($key) || abort(404);

        return $this->file($upkeep);
    }

    /** The same where several households are served: the address says whose it is, the key that it may be known. */
    public function followedOf(UpkeepOfSpools $upkeep, string $household, string $key): Response
    {
        $of = config()->boolean('undro.served') ? Household::query()->find($household) : null;
        $of === null && abort(404);
        Entry::toAnswer($of);
        CalendarKey::knows($key) || abort(404);

        return $this->file($upkeep);
    }

    public function index(): JsonResponse
    {
        return new JsonResponse(
            CalendarKey::query()->where('account_id', Account::current()->id)->orderBy('id')->get()->map(
                static fn(CalendarKey $key): array => ['id' => $key->id, 'made_at' => $key->made_at],
            )->all(),
        );
    }

    /** The key is told once and kept nowhere. */
    public function store(Request $request): JsonResponse
    {
        $key = Str::random(40);
        $person = config()->boolean('undro.served') ? SignedIn::person($request) : null;
        $made = CalendarKey::query()->create(
            [
                'account_id' => Account::current()->id,
                'key_hash' => hash('sha256', $key),
                'made_at' => Clock::now(),
                'paired_device_id' => $request->attributes->get(PairedOnly::DEVICE),
                'person_id' => $person?->id,
            ],
        );

        $of = $person === null ? '' : "$person->household_id/";

        return new JsonResponse(['id' => $made->id, 'made_at' => $made->made_at, 'path' => "/calendar/$of$key.ics"], 201);
    }

    public function revoke(int $id): JsonResponse
    {
        CalendarKey::query()->where('account_id', Account::current()->id)->findOrFail($id)->delete();

        return $this->index();
    }
}
