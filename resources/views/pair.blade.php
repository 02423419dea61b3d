<x-door title="Connect this device">
    @if (!$lan)
        <p>Undro is not open to other devices. On the computer, run <b>./undro start --lan</b></p>
    @else
        @if ($wrong)
            <p role="alert"><b>Wrong or used code.</b> Type the code that the computer shows under Wind.</p>
        @endif
        <form method="post" action="/pair">
            <p><label for="code">Code on the computer’s screen</label>
                <input class="code" id="code" name="code" value="{{ $code }}" maxlength="12" autocomplete="off" autocapitalize="characters" required></p>
            <p><button>Connect</button></p>
        </form>
        <p>Without https the screen may go to sleep. Turn off sleep on this device.</p>
    @endif
</x-door>
