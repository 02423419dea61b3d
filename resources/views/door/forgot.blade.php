<x-door title="Choose another password">
    @if ($sent ?? false)
        <p role="status"><b>If somebody signs in with that address, a link is on its way there.</b> It is good for an hour. Nothing there? Look among what was sorted out, or ask who keeps the server for a link.</p>
    @elseif ($mail)
        <form method="post" action="/forgot">
            <p><label for="email">Mail address you sign in with</label>
                <input id="email" name="email" type="email" autocomplete="username" required autofocus></p>
            <p><button>Send me a link</button></p>
        </form>
    @else
        <p>This server sends no mail. Ask who keeps it for a link: on its console, <b>./undro account link</b> and your mail address.</p>
    @endif
    <p><a href="/sign-in">Back to signing in</a></p>
</x-door>
