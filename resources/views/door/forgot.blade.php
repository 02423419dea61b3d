<x-door title="Reset your password">
    @if ($sent ?? false)
        <p role="status"><b>If that address is in use, we have sent a link to it.</b> The link works for one hour. No mail? Check your spam folder, or ask the person who runs this server for a link.</p>
    @elseif ($mail)
        <form method="post" action="/forgot">
            <p><label for="email">Email</label>
                <input id="email" name="email" type="email" autocomplete="username" required autofocus></p>
            <p><button>Send link</button></p>
        </form>
    @else
        <p>This server sends no mail. Ask the person who runs it for a link (<b>./undro account link</b> and your email address).</p>
    @endif
    <p><a href="/sign-in">Back to sign in</a></p>
</x-door>
