<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Let this device in · Undro</title>
    <link rel="icon" href="data:,">
    <style nonce="{{ Vite::cspNonce() }}">
        :root { color-scheme: light dark; }
        body { font: 1.1rem/1.5 system-ui, sans-serif; max-width: 30rem; margin: 12vh auto; padding: 0 1.2rem; background: light-dark(#f5f2ea, #14181a); color: light-dark(#1b2830, #ece4d2); }
        input, button { font: inherit; padding: 0.7rem; border-radius: 3px; border: 1.5px solid currentColor; }
        input { letter-spacing: 0.2em; text-transform: uppercase; width: 12rem; background: transparent; color: inherit; }
        button { background: #0d5d4a; color: #fff; }
    </style>
</head>
<body>
<main>
    <h1>Let this device in</h1>
    @if (!$lan)
        <p>Undro was not started for other devices. On the computer: <b>./undro start --lan</b></p>
    @else
        @if ($wrong)
            <p role="alert"><b>That is not the code, or it is used up.</b> Look at the computer’s screen: under Wind there is the one that counts now.</p>
        @endif
        <form method="post" action="/pair">
            <p><label for="code">The code on the computer’s screen</label></p>
            <p><input id="code" name="code" value="{{ $code }}" maxlength="12" autocomplete="off" autocapitalize="characters" required></p>
            <p><button>Let it in</button></p>
        </form>
        <p>Without https a browser may let the screen sleep: set the device not to.</p>
    @endif
</main>
</body>
</html>
