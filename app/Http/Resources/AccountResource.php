<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Database\Quota;
use App\Households\AccessKey;
use App\Households\Link;
use App\Households\LinkKind;
use App\Households\Person;
use App\Households\Sessions;
use App\Ledger\DataStamp;

/** A household as one of its people sees it. */
final class AccountResource
{
    /**
     * @param string $session the one that asks; empty: none does
     *
     * @return array<string, mixed>
     */
    public static function of(Person $me, string $session): array
    {
        $household = $me->household_id;

        return [
            'household' => $me->household()->name,
            'keeper' => $me->keeper,
            'mail' => config()->boolean('undro.mail'),
            'people' => Person::query()->where('household_id', $household)->orderBy('id')->get()->map(static fn(Person $each): array => [
                'id' => $each->id,
                'name' => $each->name,
                'email' => $each->email,
                'keeper' => $each->keeper,
                'me' => $each->id === $me->id,
            ])->all(),
            'invitations' => Link::query()
                ->where('household_id', $household)
                ->where('kind', LinkKind::Invitation)
                ->where('expires_at', '>', time())
                ->orderBy('id')
                ->get()
                ->map(static fn(Link $each): array => [
                    'id' => $each->id,
                    'email' => $each->email,
                    'until' => gmdate('Y-m-d\TH:i:s\Z', $each->expires_at),
                ])->all(),
            'keys' => AccessKey::query()->where('person_id', $me->id)->orderBy('id')->get()->map(static fn(AccessKey $each): array => [
                'id' => $each->id,
                'name' => $each->name,
                'made_at' => $each->made_at,
                'used_on' => $each->used_on,
            ])->all(),
            'sessions' => Sessions::of($me, $session),
            'used_MB' => round($used = Quota::used(), 1),
            'most_MB' => Quota::most(),
            'nearly_full' => Quota::isNear($used),
            'stamp' => DataStamp::now(),
        ];
    }
}
