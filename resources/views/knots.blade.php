{{-- the key poses of every knot, for a page without scripts; the pictures are built with the front end --}}
@foreach (Undro\Knot\Knot::cases() as $knot)
    @foreach (Undro\Knot\Knots::shown($knot) as $turns)
        @php($film = Undro\Knot\Knots::film($knot, $turns))
        @php($made = substr((string) md5_file(resource_path("films/$film.json.gz")), 0, 8))
        <h2>{{ $knot->word() }}@if ($turns !== []), {{ implode(' and ', $turns) }} turns @endif</h2>
        <p>{{ $knot->says() }}</p>
        <ol>
            @foreach (Undro\Knot\Knots::moves($knot, $turns) as $move)
                <li>
                    <img src="/build/assets/{{ $film }}.{{ $loop->iteration }}.svg?{{ $made }}" alt="Move {{ $loop->iteration }}" width="560" height="326" loading="lazy">
                    <p>{{ $move->do }} Looks right: {{ $move->right }} Looks wrong: {{ $move->wrong }}</p>
                </li>
            @endforeach
        </ol>
    @endforeach
@endforeach
