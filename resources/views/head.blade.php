<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
    <meta name="token-cookie" content="{{ App\Http\OwnCookies::name(App\Http\Middleware\OwnCsrfToken::COOKIE) }}">
    @isset($household)
        <meta name="household" content="{{ $household }}" data-id="{{ $householdId }}">
        <meta name="person" content="{{ $person }}">
        <meta name="theme-color" content="#0d5d4a">
        <link rel="manifest" href="{{ Vite::asset('undro.webmanifest') }}">
        <link rel="apple-touch-icon" href="{{ Vite::asset('resources/icons/undro-180.png') }}">
    @endisset
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
