<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
    <meta name="token-cookie" content="{{ App\Http\OwnCookies::name(App\Http\Middleware\OwnCsrfToken::COOKIE) }}">
    <title>Undro</title>
    <link rel="icon" href="data:,">
    <script nonce="{{ Vite::cspNonce() }}">
        try {
            const chosen = localStorage.getItem('undro-scheme');
            const dark = chosen === 'dark' || (chosen !== 'light' && matchMedia('(prefers-color-scheme: dark)').matches);
            document.documentElement.setAttribute('data-mantine-color-scheme', dark ? 'dark' : 'light');
        } catch {}
    </script>
    @foreach (['atkinson-hyperlegible-next', 'bricolage-grotesque'] as $font)
        <link rel="preload" as="font" type="font/woff2" crossorigin href="{{ Vite::asset("node_modules/@fontsource-variable/$font/files/$font-latin-wght-normal.woff2") }}">
    @endforeach
    @vite($scripts)
    <script type="application/json" id="first-answers">@json($answers, JSON_HEX_TAG | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)</script>
</head>
<body>
<div id="root">
    {{-- an empty plan's first words, there before the script is; the same file feeds the place itself --}}
    @if ($waysAtOnce)
        @php($stamps = json_decode((string) file_get_contents(resource_path('js/plan/ways.json'))))
        <div class="first-words">
            <p>{{ $stamps->lead }}</p>
            <dl>
                @foreach ($stamps->ways as [$stamp, $reading])
                    <dt>{{ $stamp }}</dt><dd>{{ $reading }}</dd>
                @endforeach
            </dl>
            <p>{{ $stamps->else }}</p>
        </div>
    @endif
</div>
<noscript>
    <p>Undro needs JavaScript to draw and to ask its server for figures. Turn it on for this page.
        <a href="/knots">How the knots are tied</a> can be looked at without it.</p>
    @includeWhen(request()->is('knots'), 'knots')
</noscript>
</body>
</html>
